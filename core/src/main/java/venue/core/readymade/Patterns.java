package venue.core.readymade;

import java.util.Arrays;
import venue.core.pattern.Pattern;
import venue.core.section.Section;
import venue.core.value.Value;

/** What ready-made patterns are put together with. */
final class Patterns {

    private Patterns() {}

    static Pattern pattern(String id, String name, String group, Section... sections) {
        return new Pattern(id, name, group, "", Arrays.asList(sections));
    }

    static Section centred(Section section) {
        return section.with("align", Value.of("centre"));
    }

    static Section large(Section section) {
        return section.with("space", Value.of("large"));
    }

    static Section cards(Section section) {
        return section.with("tiles", Value.of("cards"));
    }

    static Section with(Section section, String key, String value) {
        return section.with(key, Value.of(value));
    }
}
