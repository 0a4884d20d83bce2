package venue.server.letter;

import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Words;
import venue.store.letter.Letter;

/** What letters have to be before they are kept, and before they go out. */
final class LettersDoor {

    static final int LONGEST_SUBJECT = 150;
    static final int LONGEST_LEAD = 2_000;
    static final int MOST_A_MINUTE = 6_000;
    static final int USUAL_RATE = 120;

    private LettersDoor() {}

    static Letter.Wording fit(LetterRows.LetterWording given) {
        if (given.subject().length() > LONGEST_SUBJECT || given.subject().contains("\n")) {
            throw Refusal.badInput(
                    "too-long",
                    "subject",
                    "The subject is " + Words.count(given.subject().length(), "character")
                            + " long or has several lines.",
                    "One line of " + LONGEST_SUBJECT + " characters fits.");
        }
        if (given.lead().length() > LONGEST_LEAD) {
            throw Refusal.badInput("too-long", "lead", "These words are too long.", LONGEST_LEAD + " characters fit.");
        }
        if (given.listing() != null) {
            LetterMaker.day(String.valueOf(given.since()));
        }
        return given.kept();
    }

    static int rate(int given) {
        if (given < 1 || given > MOST_A_MINUTE) {
            throw Refusal.badInput(
                    "bad-rate",
                    "rate",
                    given + " a minute can’t be.",
                    "Write a number from 1 to " + MOST_A_MINUTE + ".");
        }
        return given;
    }

    static void requireMail(boolean setUp) {
        if (!setUp) {
            throw Refusal.conflict(
                    "no-mail",
                    "letter",
                    "Mail is not set up on this server, so nothing can be sent.",
                    "Set mail-host in venue.properties (see the README), and start the server again.");
        }
    }

    static void requireSaying(Letter letter, venue.core.show.letter.Letter made) {
        if (letter.wording().subject().isBlank()) {
            throw Refusal.badInput("no-subject", "subject", "The letter has no subject.", "Write what it is about.");
        }
        if (letter.wording().listing() != null && made.told() == 0) {
            throw Refusal.conflict(
                    "nothing-new",
                    "since",
                    "Nothing is new since " + letter.wording().since() + ".",
                    "Choose an earlier day, or wait for news.");
        }
    }
}
