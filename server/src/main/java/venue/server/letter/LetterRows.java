package venue.server.letter;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SubscriberId;
import venue.store.letter.Letter;
import venue.store.letter.Letter.To;

/** Letters and lists, as their screen is told of them. */
final class LetterRows {

    private LetterRows() {}

    /**
     * A letter.
     *
     * @param made what it is made of, in words
     * @param gone how many it has gone to, and what came of it; nothing for a draft
     */
    record LetterRow(
            LetterId id,
            String subject,
            String list,
            Letter.State state,
            String made,
            int rate,
            @Nullable String started,
            @Nullable String ended,
            @Nullable String next,
            String trouble,
            Map<To, Integer> gone) {}

    /**
     * A list: a form whose senders get letters.
     *
     * @param placed on how many pages the form stands
     */
    record ListRow(String id, String name, boolean removed, int placed, int in, int asked, int out, int refused) {}

    /**
     * All letters and lists of a site.
     *
     * @param mail whether letters can be sent
     * @param signed whether they are signed here; else the relay has to, or leaving by one click works nowhere
     * @param sender the address that they come from
     */
    record LettersTold(List<LetterRow> letters, List<ListRow> lists, boolean mail, boolean signed, String sender) {}

    /** What a letter says, and to whom. */
    record LetterWording(
            String list,
            String subject,
            String lead,
            String page,
            @Nullable String listing,
            @Nullable String since) {

        Letter.Wording kept() {
            return new Letter.Wording(list, subject.strip(), lead, page, listing, since);
        }

        static LetterWording of(Letter.Wording kept) {
            return new LetterWording(
                    kept.list(), kept.subject(), kept.lead(), kept.page(), kept.listing(), kept.since());
        }
    }

    /** Somebody of whom there is something to say. */
    record LetterAddress(SubscriberId subscriber, String email, String said) {}

    /**
     * One letter.
     *
     * @param shown where it is looked at, beneath the site's address; empty where it can't be made
     * @param print what changes when it looks otherwise
     * @param cannot why it can't be made, with the way out; or empty
     * @param longest from how many bytes on some readers cut it
     * @param told how many entries it tells of; 0 for a page
     * @param tested whether a test was sent of it as it is
     * @param to how many it would go to
     */
    record LetterDetail(
            LetterRow row,
            LetterWording wording,
            String changed,
            String shown,
            String print,
            String plain,
            String cannot,
            int bytes,
            int longest,
            int told,
            boolean tested,
            int to,
            List<LetterAddress> unsure,
            List<LetterAddress> refused) {}

    /**
     * What a letter can be made of, on a page.
     *
     * @param since the day from which what is new would be told: that of the last letter of it, or a month ago
     */
    record LetterSources(List<String> listings, String since) {}
}
