package venue.server.proof;

import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import venue.core.model.gate.Visitor;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/**
 * Files that are not for everyone, in what those who make a site look at: they are asked for beneath the address of a proof, by which
 * it is known who may have them. {@code /-/proof/PASS/files/-/media/NAME} is {@code /-/media/NAME}.
 */
@Component
public class ProofFiles {

    public static final String KEPT = "private, max-age=86400, immutable";

    /** Where proofs are, on a site. */
    public static final String PROOFS = "/-/proof/";

    private static final Pattern NAMED = Pattern.compile("(?<=[\"'(\\s,])/-/(?:media|own|share)/[\\w./-]+");
    private static final Pattern PATH = Pattern.compile("[^/]+/files(/-/(?:media|own|share)/.+)");

    private final ProofPass passes;

    ProofFiles(ProofPass passes) {
        this.passes = passes;
    }

    /** A page with its closed files led to beneath a proof of the session that asks. */
    public String within(Here here, HttpSession session, String html) {
        return within(
                here.now(),
                html,
                PROOFS + passes.issue(here.site(), here.person().id(), session));
    }

    /** The same beneath an address. */
    public static String within(Standing now, String html, String address) {
        return NAMED.matcher(html)
                .replaceAll(file -> Matcher.quoteReplacement(
                        FileDoor.of(now, now.live(), file.group()).lets(Visitor.STRANGER)
                                ? file.group()
                                : address + "/files" + file.group()));
    }

    /** The file that is asked for beneath a proof, as pages name it; empty where something else is. */
    public static Optional<String> path(String beneath) {
        Matcher asked = PATH.matcher(beneath);
        return asked.matches() ? Optional.of(asked.group(1)) : Optional.empty();
    }
}
