package venue.store.answer;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;

/**
 * What a visitor sent by a form.
 *
 * @param number counted from 1 within its form
 * @param came when, as an instant
 * @param until when it is removed by itself
 * @param who the name that was given, or empty
 * @param email the address that was given, or empty
 * @param member the id of the member who sent it; absent for a stranger
 * @param page the id of the page from which it was sent
 * @param done what is done about it
 * @param place where somebody stands of what runs out; absent where nothing does
 * @param onPage how it stands on its page; absent for what is no comment
 */
public record Answer(
        AnswerId id,
        SiteId site,
        String form,
        int number,
        String came,
        String until,
        String who,
        String email,
        @Nullable String member,
        String page,
        List<Filling.Said> said,
        Done done,
        @Nullable Place place,
        @Nullable OnPage onPage) {

    /**
     * How a comment stands on its page.
     *
     * @param shown whether others read it
     * @param to the id of the comment that it answers
     * @param edited whether whoever wrote it has changed it
     * @param reported how many times somebody said that it should not stand there
     */
    public record OnPage(boolean shown, @Nullable AnswerId to, boolean edited, int reported) {}

    /**
     * What is done about it.
     *
     * @param state {@code new}, {@code read}, {@code done} or one of the form's own
     * @param apart why it is taken for spam; absent where it isn't
     * @param works the id of the person who works on it
     * @param note what is noted among those who work with it
     */
    public record Done(
            String state, @Nullable String apart, @Nullable String works, String note) {

        public static final String NEW = "new";
        public static final String READ = "read";
        public static final String DONE = "done";
    }

    /** How somebody stands who wants places. */
    public enum Stands {
        PLACE("place"),
        WAITS("waits"),
        BACK("given back"),
        /** What it is of doesn't take place. */
        OFF("off");

        private final String words;

        Stands(String words) {
            this.words = words;
        }

        /** As tables say it. */
        public String words() {
            return words;
        }
    }

    /**
     * Where somebody stands of what runs out.
     *
     * @param item the id of the page or entry
     * @param people for how many
     * @param over whether managers gave them all the same
     * @param line the number in line, from 1, of whoever waits; 0 for others
     */
    public record Place(String item, int people, Stands stands, boolean over, int line) {}
}
