package venue.core.check.survey;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;

/** Links to other sites that are unlike what somebody means to write. */
final class OddLink extends DeclaredRule {

    private static final int LONGEST = 500;

    OddLink() {
        super(
                "odd-link",
                "Odd link to another site",
                Severity.SHOULD_FIX,
                "It leads visitors over an open line, to a machine without a name, or nowhere.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> scope.edition().facts(stand.item()).leads().elsewhere().stream()
                        .filter(Link::isOutside)
                        .flatMap(link -> odd(link.target()).stream()
                                .map(why -> Finding.of(
                                        this, stand.page(), "Links to “" + shown(link.target()) + "”: " + why + "."))));
    }

    private static String shown(String target) {
        return target.length() > 80 ? target.substring(0, 80) + "…" : target;
    }

    private static Optional<String> odd(String target) {
        if (!target.toLowerCase(Locale.ROOT).startsWith("http")) {
            return Optional.empty();
        }
        if (target.length() > LONGEST) {
            return Optional.of("it has " + target.length() + " letters");
        }
        try {
            URI uri = new URI(target);
            String host = uri.getHost() == null ? "" : uri.getHost().toLowerCase(Locale.ROOT);
            if (uri.getUserInfo() != null) {
                return Optional.of("it has a name or a password in it");
            }
            if (host.isEmpty() || !host.contains(".") || host.endsWith(".localhost") || host.endsWith(".local")) {
                return Optional.of("its host is no name that others can reach");
            }
            if (host.matches("[0-9.]+") || host.startsWith("[")) {
                return Optional.of("its host is a number");
            }
            return uri.getScheme().equalsIgnoreCase("http")
                    ? Optional.of("it is not encrypted; try https")
                    : Optional.empty();
        } catch (URISyntaxException unreadable) {
            return Optional.of("browsers read it as something else");
        }
    }
}
