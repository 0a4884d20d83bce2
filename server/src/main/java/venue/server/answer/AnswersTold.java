package venue.server.answer;

import java.util.List;
import venue.core.basics.item.PersonId;

/**
 * The forms of a site, and how many answers each has.
 *
 * @param people those who may work on one
 * @param mail whether letters can be sent
 * @param writes whether whoever asks may make and change forms
 */
record AnswersTold(List<FormRow> forms, List<FormPerson> people, boolean mail, boolean writes) {

    /**
     * A form.
     *
     * @param gone whether it was removed, and its answers stay until their time is over
     * @param placed on how many pages it stands
     * @param fresh how many answers nobody has read
     * @param comments whether what is sent by it stands on pages
     * @param held how many comments wait to be let through
     * @param reported how many comments somebody reported
     * @param oldest when the oldest of these came, or empty
     * @param months for how many answers are kept
     * @param reply what an answer by mail begins with
     */
    record FormRow(
            String id,
            String name,
            boolean retired,
            boolean gone,
            long placed,
            int fresh,
            int open,
            int all,
            int apart,
            boolean comments,
            int held,
            int reported,
            String oldest,
            int months,
            String copies,
            String reply) {}

    /** One of the people who make the site. */
    record FormPerson(PersonId id, String name) {}
}
