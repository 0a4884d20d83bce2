package venue.server.live;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import venue.core.basics.link.Link;
import venue.core.basics.value.Money;
import venue.core.body.form.BasketField;
import venue.core.body.form.FieldKinds;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.show.render.View;
import venue.store.answer.Answer;

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
        return with(to, along);
    }

    /** Where somebody goes on who has ordered: what it comes to goes along, so that it can be paid there. */
    static String order(String address, Form form, Answer answer) {
        List<Money> sums = BasketField.in(form).stream()
                .flatMap(f -> answer.said().stream().filter(s -> s.key().equals(f.key())))
                .flatMap(s -> BasketField.basket(s.value().lines().toList()).sums().stream())
                .toList();
        if (sums.size() != 1) {
            return address;
        }
        return with(
                address,
                Stream.of(
                                pair("order", String.valueOf(answer.id())),
                                pair("sum", sums.get(0).amount().toPlainString()),
                                pair("currency", sums.get(0).currency().getCurrencyCode()))
                        .collect(Collectors.joining("&")));
    }

    private static String with(String to, String along) {
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
