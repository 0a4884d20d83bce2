package venue.server.proof;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.UriComponentsBuilder;
import venue.core.basics.fault.Refusal;
import venue.server.here.Here;

/** The markup of many drawings in one answer, for the one document that draws them all. */
@RestController
@RequestMapping("/api/sites/{site}/drawings")
class DrawingsController {

    private static final int MOST = 24;

    private final Proofs proofs;
    private final ProofFiles files;
    private final List<DrawnElsewhere> elsewhere;

    DrawingsController(Proofs proofs, ProofFiles files, List<DrawnElsewhere> elsewhere) {
        this.files = files;
        this.proofs = proofs;
        this.elsewhere = elsewhere;
    }

    /**
     * A drawing.
     *
     * @param html a whole document; absent where there is no such thing (any more)
     */
    record Drawing(String of, @Nullable String html) {}

    /** Up to 24, each asked for as proofs are: {@code SORT/ID?QUERY}. */
    @GetMapping
    List<Drawing> drawings(Here here, @RequestParam List<String> of, HttpSession session) {
        if (of.size() > MOST) {
            throw Refusal.badInput(
                    "too-many-drawings",
                    "of",
                    "That are " + of.size() + " drawings at once.",
                    "Ask for " + MOST + " at most.");
        }
        return of.stream().map(o -> new Drawing(o, html(here, session, o))).toList();
    }

    private @Nullable String html(Here here, HttpSession session, String of) {
        String[] parts = of.split("\\?", 2);
        String[] item = parts[0].split("/", 2);
        if (item.length < 2) {
            return null;
        }
        for (DrawnElsewhere other : elsewhere) {
            if (other.sort().equals(item[0])) {
                return other.html(here, item[1]).orElse(null);
            }
        }
        Map<String, String> query = UriComponentsBuilder.newInstance()
                .query(parts.length > 1 ? parts[1] : "")
                .build()
                .getQueryParams()
                .toSingleValueMap();
        return proofs.of(here.workspace(), here.now(), item[0], item[1], query)
                .map(page -> files.within(here, session, page.html()))
                .orElse(null);
    }
}
