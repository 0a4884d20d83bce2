package venue.core.body.scene;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The member who looks, and how what they did last went.
 *
 * @param name what they are called; empty for a stranger
 * @param fields what is kept of them, by key
 * @param news how many pages there are that are new to them
 */
public record Guest(String name, String email, Map<String, String> fields, int news, Turn turn) {

    /** Somebody who is not known. */
    public static final Guest NOBODY = new Guest("", "", Map.of(), 0, Turn.NONE);

    /**
     * Where what was asked for in a form has come to.
     *
     * @param at the key of the element that holds the form
     * @param state what it says; empty before anything was done
     * @param typed what stands in its lines, by name
     * @param wrong what is wrong, in words; or empty
     * @param sessions where they are signed in, this one first
     * @param sent what they sent by forms, the newest first
     */
    public record Turn(
            String at, String state, Map<String, String> typed, String wrong, List<Session> sessions, List<Sent> sent) {

        public static final Turn NONE = new Turn("", "", Map.of(), "", List.of(), List.of());

        public static Turn of(String at, String state) {
            return new Turn(at, state, Map.of(), "", List.of(), List.of());
        }

        /** The same with what stands in the lines. */
        public Turn typed(Map<String, String> lines) {
            return new Turn(at, state, lines, wrong, sessions, sent);
        }

        /** The same with what is wrong. */
        public Turn wrong(String words) {
            return new Turn(at, state, typed, words, sessions, sent);
        }

        public Turn sending(List<Sent> all) {
            return new Turn(at, state, typed, wrong, sessions, all);
        }

        public Turn with(List<Session> where) {
            return new Turn(at, state, typed, wrong, where, sent);
        }
    }

    /**
     * Something that somebody sent by a form.
     *
     * @param words what it was, and how they stand where places run out
     * @param on the day on which it came
     * @param link where it is seen, and places are given back
     */
    public record Sent(String words, String on, String link) {}

    /** Somebody made up, in a state of an element: a member where that is one of a member's. */
    public static Guest sample(String at, String state) {
        Turn turn = Turn.of(at, state)
                .typed(Map.of("email", "alma@member.example", "name", "Alma Reed", "token", "-"))
                .wrong(state.equals("refused") ? "What was sent is refused, and why stands here." : "")
                .with(List.of(
                        new Session("Firefox on Linux", "2026-11-02"), new Session("Safari on iPhone", "2026-10-09")))
                .sending(List.of(new Sent("Book a place", "2026-11-02", "/")));
        return OF_MEMBERS.contains(state) || at.equals(MEMBERS_OWN)
                ? new Guest("Alma Reed", "alma@member.example", Map.of(), 2, turn)
                : NOBODY.after(turn);
    }

    private static final Set<String> OF_MEMBERS = Set.of("in", "saved");

    /** The element all of whose states are a member's. */
    private static final String MEMBERS_OWN = "my-page";

    /** Where somebody is signed in: on which device, and since which day. */
    public record Session(String device, String since) {}

    /** The same after something was done. */
    public Guest after(Turn other) {
        return new Guest(name, email, fields, news, other);
    }

    public boolean isMember() {
        return !email.isEmpty();
    }

    /** Where the forms of an element have come to. */
    public Turn at(String element) {
        return turn.at().equals(element) ? turn : Turn.of(element, "").with(turn.sessions());
    }
}
