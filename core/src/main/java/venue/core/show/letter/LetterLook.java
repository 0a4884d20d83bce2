package venue.core.show.letter;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import venue.core.model.theme.Look;
import venue.core.model.theme.Tone;

/**
 * A look as far as mail readers know it: its colours by day on each part itself, by night in the few rules that readers take which know
 * dark; its faces as those that every machine has.
 */
record LetterLook(List<Tone> day, List<Tone> night, String headings, String words, int corners) {

    private static final int SOFT = 6;
    private static final int ROUND = 24;

    static LetterLook of(Look look) {
        return new LetterLook(
                Tone.of(look),
                Tone.byNight(look),
                look.faceOfMail("heading"),
                look.faceOfMail("body"),
                switch (look.text("buttonShape")) {
                    case "round" -> ROUND;
                    case "soft" -> SOFT;
                    default -> 0;
                });
    }

    Tone tone(String key) {
        return day.stream().filter(t -> t.key().equals(key)).findFirst().orElse(day.get(0));
    }

    /** The rules by night, for the tones that are otherwise then and in the letter. */
    String byNight(Set<String> worn) {
        List<String> rules = new ArrayList<>();
        rules.add(".g{background-color:" + night.get(1).ground().hex() + "!important}");
        night.stream().filter(t -> worn.contains(t.key())).forEach(t -> {
            String at = ".t-" + t.key();
            rules.add(at + "{background-color:" + t.ground().hex() + "!important;color:"
                    + t.words().hex() + "!important}");
            rules.add(at + " .x{color:" + t.words().hex() + "!important}");
            rules.add(at + " .h{color:" + t.headings().hex() + "!important}");
            rules.add(at + " .q{color:" + t.quiet().hex() + "!important}");
            rules.add(at + " .a{color:" + t.link().hex() + "!important}");
            rules.add(at + " .l{border-color:" + t.line().hex() + "!important}");
        });
        return rules.stream().collect(Collectors.joining("", Letter.BY_NIGHT + "{", "}"));
    }
}
