package venue.core.show.render;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.UsualFields;
import venue.core.model.section.Zones;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

/** Made-up content for looking at a template; it gets into no page. */
public final class Sample {

    private static final String SENTENCE =
            "A sentence or two that say what the page is about, as long as such sentences are.";

    private Sample() {}

    /** A page of a kind for which the template is usual, with what the template brings and something in every field. */
    public static Page of(Edition edition, Template template) {
        Zones zones = new Zones(template.zones().stream().collect(Collectors.toMap(Zone::key, Zone::starters)));
        Optional<Kind> kind = kind(edition, template);
        Map<String, Value> fields = new TreeMap<>();
        kind.map(Kind::fields).orElse(List.of()).forEach(f -> {
            Value value = madeUp(edition, template, f);
            if (value != null) {
                fields.put(f.key(), value);
            }
        });
        return Page.of("sample", "A page’s title", "sample", kind.map(Kind::id).orElse("sample"))
                .wearing(template.id())
                .withZones(zones)
                .withFields(fields);
    }

    private static Optional<Kind> kind(Edition edition, Template template) {
        return edition.all(Kind.class)
                .filter(k -> !k.isPageless())
                .min(Comparator.comparing(
                                (Kind k) -> !Worn.ofNew(edition, k).id().equals(template.id()))
                        .thenComparing(k -> !k.mayWear(template.id()))
                        .thenComparing(k -> k.field(UsualFields.PICTURE).isEmpty())
                        .thenComparing(Kind::name));
    }

    /** Each template has another, so that they are told apart. */
    private static @Nullable Value picture(Edition edition, Template template) {
        List<Media> wide =
                Furnished.pictures(edition).filter(m -> m.width() >= m.height()).toList();
        return wide.isEmpty()
                ? null
                : Value.of(wide.get(Math.floorMod(template.id().hashCode(), wide.size()))
                        .id());
    }

    private static @Nullable Value madeUp(Edition edition, Template template, Property field) {
        if (field.fallback() != null) {
            return null;
        }
        return switch (field.type()) {
            case WORDS -> Value.of("A few words");
            case LINES -> Value.of(SENTENCE);
            case RICH -> Value.of("<p>" + SENTENCE + "</p>");
            case NUMBER ->
                field.range() == null
                        ? Value.of(12)
                        : new Value.Num(field.range().sample(BigDecimal.valueOf(12)));
            case DATE -> Value.of("2027-05-14");
            case DATE_TIME -> Value.of("2027-05-14T19:30");
            case CHOICE -> Value.of(field.choices().get(0).value());
            case PICTURE -> picture(edition, template);
            default -> null;
        };
    }
}
