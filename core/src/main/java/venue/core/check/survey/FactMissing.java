package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.value.Values;
import venue.core.body.element.Elements;
import venue.core.model.property.Property;
import venue.core.model.site.SiteFacts;

/** Elements that show a fact of the site that nobody has given. */
final class FactMissing extends ContentRule {

    FactMissing() {
        super(
                "fact-missing",
                "Fact of the site is not given",
                Severity.SHOULD_FIX,
                "The element that shows it is left out, or says less than it could.");
    }

    @Override
    Stream<Finding> find(At at) {
        return Elements.find(at.element().kind()).stream()
                .filter(kind -> !kind.siteFacts().isEmpty())
                .filter(kind -> kind.siteFacts().stream()
                        .allMatch(key -> !at.scope().edition().site().facts().containsKey(key)
                                || Values.text(at.scope().edition().site().facts(), key)
                                        .isBlank()))
                .map(kind -> at.finding(
                        this,
                        kind.name() + " shows " + told(kind.siteFacts().get(0))
                                + ", which Site settings don’t say yet."));
    }

    private static String told(String key) {
        return SiteFacts.told().stream()
                .filter(p -> p.key().equals(key))
                .map(Property::label)
                .map(label -> "“" + label + "”")
                .findFirst()
                .orElse("what is said of the site");
    }
}
