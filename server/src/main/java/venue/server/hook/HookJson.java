package venue.server.hook;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;
import venue.store.answer.Answer;

/** An answer as it is handed on. */
final class HookJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private HookJson() {}

    static String write(Answer answer) {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("site", answer.site().text());
        all.put("form", answer.form());
        all.put("number", answer.number());
        all.put("came", answer.came());
        Answer.Place place = answer.place();
        if (place != null) {
            all.put("of", place.item());
            all.put("people", place.people());
            all.put("stands", place.stands().words());
        }
        all.put(
                "said",
                answer.said().stream()
                        .map(s -> said(s.key(), s.label(), s.words()))
                        .toList());
        all.put(
                "files",
                answer.said().stream()
                        .flatMap(s -> s.files().stream())
                        .map(f -> Map.of("name", f.name(), "bytes", f.bytes()))
                        .toList());
        return MAPPER.writeValueAsString(all);
    }

    private static Map<String, String> said(String key, String label, String words) {
        Map<String, String> said = new LinkedHashMap<>();
        List.of(Map.entry("key", key), Map.entry("asked", label), Map.entry("answered", words))
                .forEach(e -> said.put(e.getKey(), e.getValue()));
        return said;
    }
}
