package venue.server.letter;

import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SiteId;
import venue.store.answer.FormSeal;
import venue.store.letter.Letter;
import venue.store.letter.Letters;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** Letters as they are looked at by those who write them, under an address that nobody guesses. */
@Component
public class LetterShown {

    /** Where they are, on a site. */
    public static final String WHERE = "/-/letter/";

    private final Letters letters;
    private final LetterMaker maker;
    private final FormSeal seal;

    LetterShown(Letters letters, LetterMaker maker, FormSeal seal) {
        this.letters = letters;
        this.maker = maker;
        this.seal = seal;
    }

    String path(SiteId site, LetterId id) {
        return WHERE + seal.token("letter " + site, id.text());
    }

    /**
     * One as HTML; empty where the address is none of ours, or it can't be made.
     *
     * @param night as on a machine that is dark; else as on one that is light, whatever the machine of whoever looks is
     */
    public Optional<String> html(Workspace workspace, String path, boolean night) {
        return seal.opened("letter " + workspace.site(), path.substring(WHERE.length()))
                .flatMap(i -> letters.find(workspace.site(), new LetterId(i)))
                .flatMap(l -> html(workspace.now(), l))
                // A link in it opens nothing in the frame.
                .map(html -> html.replace("<head>", "<head><base target=\"_blank\">"))
                .map(html ->
                        html.replace(venue.core.show.letter.Letter.BY_NIGHT, night ? "@media all" : "@media not all"));
    }

    private Optional<String> html(Standing now, Letter letter) {
        return letters.written(letter.id()).map(Letters.Written::html).or(() -> {
            try {
                return Optional.of(maker.made(now, letter.wording()).html());
            } catch (Refusal cannot) {
                return Optional.empty();
            }
        });
    }
}
