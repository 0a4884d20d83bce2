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
 * @param comment how it stands on its page; absent for what is no comment
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
        @Nullable String hook,
        @Nullable Said comment) {

    /**
     * A comment.
     *
     * @param shown whether it stands on its page at once
     * @param to the id of the comment that it answers
     */
    public record Said(boolean shown, @Nullable AnswerId to) {}

    /** What is no comment. */
    public Taking(
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
        this(site, form, months, who, email, member, page, said, apart, likeness, wanted, hook, null);
    }

    /** The same as a comment; what is set apart is held. */
    public Taking saying(Said what) {
        return new Taking(
                site,
                form,
                months,
                who,
                email,
                member,
                page,
                said,
                apart,
                likeness,
                wanted,
                hook,
                apart == null ? what : new Said(false, what.to()));
    }

    /** The answer that it is once it is kept, where it wants nothing of what runs out. */
    Answer kept(AnswerId id, int number, String came, String until) {
        Answer.Done done = new Answer.Done(Answer.Done.NEW, apart, null, "");
        return new Answer(id, site, form, number, came, until, who, email, member, page, said, done, null, onPage());
    }

    private Answer.@Nullable OnPage onPage() {
        return comment == null ? null : new Answer.OnPage(comment.shown(), comment.to(), false, 0);
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
