package venue.core.body.form;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What a form takes: what its declaration, the page's own constraints and the server say is the same. */
class FillingTest {

    private static final Instant NOW = Instant.parse("2026-11-30T12:00:00Z");
    private static final List<String> WORDS = List.of(
            "",
            " ",
            "Ada",
            "12",
            "-3",
            "4.5",
            "1e3",
            "2026-12-24",
            "2026-11-29",
            "2027-13-01",
            "19:30",
            "25:00",
            "03:00",
            "Yes",
            "No",
            "Perhaps",
            "yes",
            "on",
            "+44 (0)20/7946-0018",
            "call me",
            "ada@moor.example",
            "ada@moor",
            "@x.y",
            "two\nlines",
            "weaving",
            "nowhere",
            "a".repeat(30),
            "<b>x</b>");

    private static final List<String> FILES =
            List.of("", "f1/900/pdf/plan.pdf", "f2/900/jpg/a.jpg", "f3/900//a.svg", "f4/6000000/png/large.png");

    private static Edition site(Form form) {
        Edition site = Sites.small();
        Page page = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main", List.of(section("s1", "S", part("form").with("form", form.id()))))));
        return site.with(List.of(page, form), List.of());
    }

    private static View view(Edition site) {
        return View.of(site, NOW, "http://y", View.Mode.VISITOR);
    }

    private static Document drawn(View view) {
        return Jsoup.parse(PageRenderer.render(view, view.edition().require(Page.class, "weaving"))
                .html());
    }

    private static Filling filling(View view, Form form) {
        return new Filling(form, view.offering(view.edition().require(Page.class, "weaving"), Locale.UK));
    }

    private static FormField random(String key, Random chance) {
        List<FieldKind> kinds = FieldKinds.all().stream()
                .filter(k -> k.asks() && !k.key().equals("basket"))
                .toList();
        FieldKind kind = kinds.get(chance.nextInt(kinds.size()));
        FormField field = FormField.of(key, "Field " + key, kind.key());
        for (venue.core.model.property.Property setting : kind.settings()) {
            field = switch (setting.key()) {
                case "required" -> field.with("required", Value.of(chance.nextBoolean()));
                case "longest" -> field.with("longest", Value.of(1L + chance.nextInt(20)));
                default -> field;
            };
        }
        return switch (kind.key()) {
            case "number" -> bounded(field, chance).with("parts", Value.of(chance.nextBoolean()));
            case "date", "dates" -> day(field, chance);
            case "time" ->
                chance.nextBoolean()
                        ? field.with("from", "18:00").with("until", chance.nextBoolean() ? "02:00" : "23:00")
                        : field;
            case "one", "several" ->
                field.with(
                                "choices",
                                new Value.Many(Stream.of("Yes", "No", "12")
                                        .map(w -> Map.of("words", Value.of(w)))
                                        .toList()))
                        .with("layout", chance.nextBoolean() || kind.key().equals("several") ? "line" : "menu");
            case "pick" -> field.with("kind", "standard");
            default -> field;
        };
    }

    private static FormField bounded(FormField field, Random chance) {
        FormField low = chance.nextBoolean()
                ? field.with("least", new Value.Num(new BigDecimal(chance.nextInt(20) - 10).divide(new BigDecimal(4))))
                : field;
        return chance.nextBoolean()
                ? low.with("most", new Value.Num(new BigDecimal(chance.nextInt(60)).divide(new BigDecimal(4))))
                : low;
    }

    private static FormField day(FormField field, Random chance) {
        FormField one = chance.nextBoolean()
                ? field.with("past", Value.of(true))
                : field.with("notice", Value.of((long) chance.nextInt(40)));
        one = chance.nextBoolean() ? one.with("ahead", Value.of(30L)) : one;
        one = chance.nextBoolean()
                ? one.with("shutOn", new Value.Many(List.of(Map.of("day", Value.of("thursday")))))
                : one;
        return chance.nextBoolean() ? one.with("shut", "2026-12-24\n2026-12-25") : one;
    }

    /** Whether a browser would let the form go, by the rules of HTML (4.10.18) and what the page says besides of its days. */
    private static boolean pageTakes(Document page, Map<String, List<String>> sent) {
        Map<String, List<Element>> byName = page.select(".filling form [name]").stream()
                .filter(e -> !e.attr("name").startsWith("-"))
                .collect(Collectors.groupingBy(e -> e.attr("name"), TreeMap::new, Collectors.toList()));
        return byName.entrySet().stream().allMatch(e -> takes(e.getValue(), sent.getOrDefault(e.getKey(), List.of())));
    }

    private static boolean takes(List<Element> controls, List<String> values) {
        Element first = controls.get(0);
        String value =
                values.stream().filter(v -> !v.isBlank()).findFirst().orElse("").strip();
        Set<String> known = controls.stream().map(c -> c.val()).collect(Collectors.toSet());
        boolean wanted = first.hasAttr("required");
        return switch (first.tagName() + first.attr("type")) {
            case "inputradio", "inputcheckbox" ->
                values.stream().map(String::strip).filter(v -> !v.isEmpty()).allMatch(known::contains)
                        && !(wanted && value.isEmpty());
            case "select" -> first.select("option").eachAttr("value").contains(value) && !(wanted && value.isEmpty());
            default -> value.isEmpty() ? !wanted : line(first, value);
        };
    }

    private static boolean line(Element input, String value) {
        String max = input.attr("maxlength");
        boolean fits = (max.isEmpty() || value.length() <= Integer.parseInt(max))
                && (!input.hasAttr("pattern") || value.replace('\n', ' ').matches(input.attr("pattern")));
        return fits
                && switch (input.attr("type")) {
                    case "file" -> file(input, SentFile.read(value).orElseThrow());
                    case "number" -> number(input, value);
                    case "date" ->
                        value.matches("\\d{4}-(0[1-9]|1[0-2])-\\d{2}")
                                && within(input, value)
                                && isOpen(input, LocalDate.parse(value));
                    case "time" -> value.matches("([01]\\d|2[0-3]):[0-5]\\d") && clock(input, value);
                    default -> true;
                };
    }

    /** A browser lets choose by the ending; how large one may be stands above it. */
    private static boolean file(Element input, SentFile file) {
        String told = input.parent().select(".help").text();
        return List.of(input.attr("accept").split(",")).contains("." + file.ending())
                && file.bytes() <= 1_000_000L * Integer.parseInt(told.replaceAll(".* (\\d+) MB$", "$1"));
    }

    private static boolean within(Element input, String value) {
        String min = input.attr("min");
        String max = input.attr("max");
        return (min.isEmpty() || min.compareTo(value) <= 0) && (max.isEmpty() || max.compareTo(value) >= 0);
    }

    /** A range of times that ends before it begins goes over midnight. */
    private static boolean clock(Element input, String value) {
        String min = input.attr("min");
        String max = input.attr("max");
        return min.isEmpty() || max.isEmpty() || min.compareTo(max) <= 0
                ? within(input, value)
                : value.compareTo(min) >= 0 || value.compareTo(max) <= 0;
    }

    private static boolean isOpen(Element input, LocalDate day) {
        return !List.of(input.attr("data-shut-on").split(" "))
                        .contains(String.valueOf(day.getDayOfWeek().getValue() % 7))
                && !List.of(input.attr("data-shut").split(" ")).contains(day.toString());
    }

    private static boolean number(Element input, String value) {
        if (!value.matches("-?\\d+(\\.\\d+)?")) {
            return false;
        }
        BigDecimal number = new BigDecimal(value);
        BigDecimal base = input.hasAttr("min") ? new BigDecimal(input.attr("min")) : BigDecimal.ZERO;
        return (!input.hasAttr("min") || number.compareTo(base) >= 0)
                && (!input.hasAttr("max") || number.compareTo(new BigDecimal(input.attr("max"))) <= 0)
                && (input.attr("step").equals("any")
                        || number.subtract(base).remainder(BigDecimal.ONE).signum() == 0);
    }

    @Property(tries = 60)
    void thePageAndTheServerTakeTheSame(@ForAll Random chance) {
        List<FormField> fields =
                IntStream.range(0, 3).mapToObj(i -> random("k" + i, chance)).toList();
        Form form = FieldKinds.check(new Form("ask", "Ask", fields, Map.of(), false));
        View view = view(site(form));
        Document page = drawn(view);
        for (int i = 0; i < 40; i++) {
            Map<String, List<String>> sent = new HashMap<>();
            form.fields().stream()
                    .flatMap(f -> FieldKinds.of(f).names(f).stream())
                    .forEach(n -> sent.put(n, List.of(WORDS.get(chance.nextInt(WORDS.size())))));
            form.fields().stream().filter(FilesField::is).forEach(f -> {
                sent.put(f.key(), List.of(FILES.get(chance.nextInt(FILES.size()))));
                sent.put(FilesField.kept(f), List.of());
            });
            Mistake.Found found = filling(view, form).check(new Posted(sent));
            boolean ordered =
                    form.fields().stream().filter(f -> f.type().equals("dates")).noneMatch(f -> disordered(f, sent));
            boolean some = form.fields().stream()
                    .noneMatch(f -> f.type().equals("several")
                            && f.mustBeGiven()
                            && sent.get(f.key()).get(0).isBlank());
            assertThat(found.mistakes().isEmpty())
                    .as("%s of %s: %s", sent, form.fields(), found.mistakes())
                    .isEqualTo(pageTakes(page, sent) && ordered && some);
        }
    }

    /** What only the server can say of two days: one of them is missing, or the last comes first. */
    private static boolean disordered(FormField field, Map<String, List<String>> sent) {
        List<String> days = FieldKinds.of(field).names(field).stream()
                .map(n -> sent.get(n).get(0).strip())
                .toList();
        return days.get(0).isEmpty() != days.get(1).isEmpty() || days.get(0).compareTo(days.get(1)) > 0;
    }

    @Test
    void whatAnotherFieldDoesNotAskForIsNeitherHeldNorMissed() {
        Form form = ReadyForms.find("form-invitation").orElseThrow();
        Filling filling = filling(view(site(form)), form);
        Map<String, List<String>> sent = new HashMap<>(Map.of(
                "name",
                List.of("Ada"),
                "email",
                List.of("ada@moor.example"),
                "comes",
                List.of("No"),
                "people",
                List.of("99")));
        assertThat(filling.check(new Posted(sent)).mistakes()).isEmpty();
        assertThat(filling.check(new Posted(sent)).values()).doesNotContainKey("people");
        sent.put("comes", List.of("Yes"));
        assertThat(filling.check(new Posted(sent)).mistakes()).containsOnlyKeys("people");
        sent.put("people", List.of("3"));
        Mistake.Found found = filling.check(new Posted(sent));
        assertThat(filling.people(found.values())).isEqualTo(1);
        assertThat(filling.said(found.values()))
                .extracting(Filling.Said::label)
                .containsExactly("Your name", "Your e-mail address", "Will you come?", "How many of you?");
    }

    @Test
    void everyReadyFormStandsWithItsLabelsAndSaysWhatIsWrongWhereItIs() {
        for (Form ready : ReadyForms.all()) {
            if (BasketField.in(ready).isPresent() || ready.commentField().isPresent()) {
                continue;
            }
            Form form = FieldKinds.check(ready);
            View view = view(site(form));
            Document open = drawn(view);
            assertThat(open.select(".filling form[method=post] button[type=submit]"))
                    .hasSize(1);
            for (Element control : open.select(".filling form :is(input:not([type=hidden]),select,textarea)")) {
                boolean labelled = control.closest("label") != null
                        || !open.select("label[for=" + control.id() + "]").isEmpty();
                assertThat(labelled).as("%s: %s", form.name(), control).isTrue();
            }
            Filling filling = filling(view, form);
            Map<String, List<String>> evil = new HashMap<>();
            form.fields().stream()
                    .flatMap(f -> FieldKinds.of(f).names(f).stream())
                    .forEach(n -> evil.put(n, List.of("\"><script>alert(1)</script><img src=x onerror=alert(1)>")));
            Posted posted = new Posted(evil);
            Map<String, Mistake> mistakes = filling.check(posted).mistakes();
            Document refused = drawn(
                    view.telling(VisitorFacts.NONE.at(Sending.refused(form.id(), filling.typed(posted), mistakes))));
            List<String> wrong =
                    new ArrayList<>(refused.select(".filling .field > .wrong").eachText());
            assertThat(wrong).hasSize(mistakes.size()).doesNotContain("");
            refused.select(".wrongs a")
                    .forEach(a -> assertThat(refused.select(a.attr("href")))
                            .as(a.text())
                            .hasSize(1));
            assertThat(refused.select(".filling script, .filling img")).isEmpty();
            Document sent = drawn(view.telling(VisitorFacts.NONE.at(Sending.sent(form.id(), Sending.State.SENT))));
            assertThat(sent.select(".filling form")).isEmpty();
            assertThat(sent.select(".filling .thanks[role=status]").text()).isNotEmpty();
        }
    }
}
