package venue.store.answer;

import org.jspecify.annotations.Nullable;

/**
 * Which answers are asked for.
 *
 * @param form the id of their form; null for those of all forms
 * @param which which of them
 * @param state the state in which they are; null for any
 * @param item the id of what they want places of; null for any
 * @param words what they say; empty for anything
 * @param works the id of the person who works on them; null for anybody
 */
public record AnswerFilter(
        @Nullable String form,
        Which which,
        @Nullable String state,
        @Nullable String item,
        String words,
        @Nullable String works,
        Order order) {

    /** By what they are ordered. */
    public enum Order {
        NEWEST("a.number desc, a.form"),
        OLDEST("a.number, a.form"),
        NAME("a.who collate nocase, a.number desc"),
        STATE("a.state, a.number desc"),
        /** Who has a place first, then the line. */
        STANDS("case a.stands when 'PLACE' then 0 when 'WAITS' then 1 else 2 end, a.number");

        private final String by;

        Order(String by) {
            this.by = by;
        }

        String by() {
            return by;
        }
    }

    /** Which answers. */
    public enum Which {
        /** Those that are not done, without spam. */
        OPEN(" and a.apart is null and a.state <> 'done'"),
        /** All but spam. */
        ALL(" and a.apart is null"),
        /** Comments that wait to be let through. */
        HELD(" and a.apart is null and a.shown = 0"),
        /** Comments that somebody reported. */
        REPORTED(" and a.apart is null and a.reported > 0"),
        /** Spam. */
        APART(" and a.apart is not null");

        private final String asked;

        Which(String asked) {
            this.asked = asked;
        }

        String asked() {
            return asked;
        }
    }

    public static AnswerFilter of(String form) {
        return new AnswerFilter(form, Which.ALL, null, null, "", null, Order.NEWEST);
    }
}
