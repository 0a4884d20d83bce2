package venue.server.answer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.body.form.Filling;
import venue.core.carry.table.Csv;
import venue.store.answer.Answer;

/** Answers as a table (CSV, RFC 4180): what was asked for by the labels of now, where a form has other ones by then, by those of then. */
public final class AnswerTable {

    private static final List<String> HEAD = List.of("number", "came", "state", "stands", "line");

    private AnswerTable() {}

    /** The first that came stands first. */
    public static String csv(List<Answer> answers) {
        Map<String, String> columns = new LinkedHashMap<>();
        answers.forEach(a -> a.said().forEach(s -> columns.put(s.key(), s.label())));
        List<List<String>> rows = new ArrayList<>();
        rows.add(Stream.concat(HEAD.stream(), columns.keySet().stream()).toList());
        answers.stream()
                .sorted(java.util.Comparator.comparing(Answer::form).thenComparing(Answer::number))
                .forEach(a -> rows.add(row(a, List.copyOf(columns.keySet()))));
        return Csv.write(rows);
    }

    private static String onPage(Answer comment) {
        return comment.onPage() == null ? "" : comment.onPage().shown() ? "on its page" : "held";
    }

    private static List<String> row(Answer answer, List<String> keys) {
        Answer.Place place = answer.place();
        List<String> row = new ArrayList<>(List.of(
                String.valueOf(answer.number()),
                answer.came(),
                answer.done().apart() == null ? answer.done().state() : "set apart",
                place == null ? onPage(answer) : place.stands().words(),
                place == null || place.line() == 0 ? "" : String.valueOf(place.line())));
        for (String key : keys) {
            row.add(answer.said().stream()
                    .filter(s -> s.key().equals(key))
                    .map(Filling.Said::words)
                    .findFirst()
                    .orElse(""));
        }
        return row;
    }
}
