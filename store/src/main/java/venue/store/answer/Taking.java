package venue.store.answer;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;

/**
 * What is to be taken.
 *
 * @param months for how many it is kept
 * @param apart why it is taken for spam; absent where it isn't
 * @param likeness by which the same words from the same network are known
 * @param hook to where it is handed on; absent for nowhere
 * @param wanted what is wanted of what runs out; absent where nothing is
 */
public record Taking(
        SiteId site,
        String form,
        int months,
        String who,
        String email,
        @Nullable String member,
        String page,
        List<Filling.Said> said,
        @Nullable String apart,
        String likeness,
        @Nullable Wanted wanted,
        @Nullable String hook) {

    /** The answer that it is once it is kept, where it wants nothing of what runs out. */
    Answer kept(AnswerId id, int number, String came, String until) {
        Answer.Done done = new Answer.Done(Answer.Done.NEW, apart, null, "");
        return new Answer(id, site, form, number, came, until, who, email, member, page, said, done, null);
    }

    /**
     * What is wanted of what runs out.
     *
     * @param item the id of the page or entry
     * @param places how many places it has now
     * @param waiting whether whoever finds none may wait
     */
    public record Wanted(String item, int people, int places, boolean waiting) {}
}
