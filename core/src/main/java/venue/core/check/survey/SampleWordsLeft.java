package venue.core.check.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Words that hold a place until somebody writes what is meant. */
final class SampleWordsLeft extends ContentRule {

    private static final Pattern SAMPLE =
            Pattern.compile("\\bTODO\\b|\\bTBD\\b|\\bFIXME\\b|\\bX{3,}\\b|\\[\\s*(?:…|\\.{3})\\s*]"
                    + "|(?i:\\blorem ipsum\\b|\\bdolor sit amet\\b|\\byour text here\\b)");

    SampleWordsLeft() {
        super(
                "sample-words",
                "Sample words left in",
                Severity.SHOULD_FIX,
                "Visitors read what was only to hold the place.");
    }

    @Override
    Stream<Finding> find(At at) {
        List<String> found = new ArrayList<>();
        at.element()
                .props()
                .values()
                .forEach(value -> Said.in(value, words -> {
                    Matcher sample = SAMPLE.matcher(words);
                    if (sample.find() && !found.contains(sample.group())) {
                        found.add(sample.group());
                    }
                }));
        return found.stream().map(words -> at.finding(this, "“" + words + "” stands there."));
    }
}
