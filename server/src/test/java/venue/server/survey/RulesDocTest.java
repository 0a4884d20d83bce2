package venue.server.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import venue.core.check.survey.Severity;

/** The list of rules that people read is that of the rules there are. */
class RulesDocTest {

    @Test
    void everyRuleStandsInTheListAsItSaysItself() throws IOException {
        List<String> told = Files.readAllLines(Path.of("../docs/rules.md")).stream()
                .filter(line -> line.contains("| `"))
                .map(line -> line.substring(0, line.lastIndexOf('|', line.length() - 3)))
                .sorted()
                .toList();
        assertThat(Surveyed.rules().stream()
                        .map(r -> "| " + r.name() + " | `" + r.key() + "` | " + words(r.severity()) + " | " + r.why()
                                + " ")
                        .sorted())
                .hasSizeGreaterThanOrEqualTo(30)
                .containsExactlyElementsOf(told);
    }

    private static String words(Severity severity) {
        return severity == Severity.NOTE
                ? "to note"
                : severity.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
