package venue.core.body.form;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Where the forms of a page have come to.
 *
 * @param form the id of the form that was sent; empty before anything was done
 * @param typed what stands in its controls, by name
 * @param mistakes what is wrong, by field
 * @param told what is said of what was taken: of the place that somebody has, or of the line they wait in
 * @param back by which places can be given back, or empty
 * @param step which step of a long form is shown, from 1; the one after the last is where all is looked over
 */
public record Sending(
        String form,
        State state,
        Map<String, List<String>> typed,
        Map<String, Mistake> mistakes,
        List<Mistake> told,
        String back,
        int step) {

    /** Where one has come to. */
    public enum State {
        /** It stands there to be filled in. */
        OPEN,
        /** A step of it is filled in, and another one is shown. */
        STEP,
        /** Something is wrong with what was sent. */
        REFUSED,
        /** It has been taken. */
        SENT,
        /** It would be taken, if it were not tried out. */
        TRIED,
        /** Something else was done by it, and is told in its place. */
        TOLD,
        /** So much comes from one place that nothing more is taken for a while. */
        LATER
    }

    public static final Sending NOTHING = new Sending("", State.OPEN, Map.of(), Map.of(), List.of(), "", 1);

    /** What stands in the place of a form's id where every form of the page is looked at in one state. */
    private static final String EVERY = "*";

    /** Every form of a page as it would stand there, by those who make it. */
    public static Sending every(State state) {
        return new Sending(EVERY, state, Map.of(), Map.of(), List.of(), "", 1);
    }

    /** Whether it is meant of every form. */
    public boolean isOfEvery() {
        return form.equals(EVERY);
    }

    public static Sending refused(String form, Map<String, List<String>> typed, Map<String, Mistake> mistakes) {
        return new Sending(form, State.REFUSED, typed, mistakes, List.of(), "", 1);
    }

    /** Another step of it is shown. */
    public static Sending stepped(String form, int step, Map<String, List<String>> typed) {
        return new Sending(form, State.STEP, typed, Map.of(), List.of(), "", step);
    }

    /** The same in a step of its own. */
    public Sending in(int its) {
        return new Sending(form, state, typed, mistakes, told, back, its);
    }

    public static Sending later(String form, Map<String, List<String>> typed) {
        return new Sending(form, State.LATER, typed, Map.of(), List.of(), "", 1);
    }

    /** It is taken, or would be. */
    public static Sending sent(String form, State state) {
        return new Sending(form, state, Map.of(), Map.of(), List.of(), "", 1);
    }

    /** Something else was done, of which this is told. */
    public static Sending told(String form, Mistake words) {
        return new Sending(form, State.TOLD, Map.of(), Map.of(), List.of(words), "", 1);
    }

    /** The same with more that is sent along. */
    public Sending carrying(Map<String, List<String>> more) {
        Map<String, List<String>> all = new HashMap<>(typed);
        all.putAll(more);
        return new Sending(form, state, all, mistakes, told, back, step);
    }

    /** The same with what is said besides, and by which places can be given back. */
    public Sending telling(List<Mistake> words, String by) {
        return new Sending(form, state, typed, mistakes, words, by, step);
    }

    /** Where one form of the page has come to. */
    public Sending at(String its) {
        return form.equals(its) ? this : NOTHING;
    }
}
