package venue.server.live;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.body.form.FieldKinds;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.show.render.View;

/** What was filled in, in the address of somebody else's calendar: it is kept nowhere here. */
final class HandedOn {

    private HandedOn() {}

    static String address(View view, Form form, Map<String, List<String>> values) {
        String address = form.nextAddress().orElse("/");
        String to = Link.find(address)
                .flatMap(Link::pageId)
                .flatMap(view.edition()::page)
                .map(view::path)
                .orElse(address);
        String along = form.fields().stream()
                .flatMap(f -> pairs(f, values.getOrDefault(f.key(), List.of())))
                .collect(Collectors.joining("&"));
        return along.isEmpty() ? to : to + (to.contains("?") ? "&" : "?") + along;
    }

    private static Stream<String> pairs(FormField field, List<String> sent) {
        List<String> names = FieldKinds.of(field).names(field);
        return names.size() > 1 && names.size() == sent.size()
                ? IntStream.range(0, names.size()).mapToObj(i -> pair(names.get(i), sent.get(i)))
                : sent.stream().map(v -> pair(field.key(), v));
    }

    private static String pair(String name, String value) {
        return URLEncoder.encode(name, StandardCharsets.UTF_8) + "=" + URLEncoder.encode(value, StandardCharsets.UTF_8);
    }
}
