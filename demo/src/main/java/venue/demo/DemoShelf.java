package venue.demo;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;
import static venue.core.model.property.Property.of;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.body.form.ReadyForms;
import venue.core.model.entry.Entry;
import venue.core.model.form.Form;
import venue.core.model.kind.Kind;
import venue.core.model.property.PropertyType;

/** The shelf beside the door: six things that visitors take along, and the page on which they order them. */
final class DemoShelf {

    static final String KIND = "shelf-thing";
    static final String ORDER = "order-form";

    private static final long APART = 1L << 20;

    private DemoShelf() {}

    static Kind kind() {
        return Kind.named(
                        KIND,
                        "Thing on the shelf",
                        "what can be ordered or fetched at the door",
                        List.of(
                                of("summary", "Summary", PropertyType.LINES),
                                of("picture", "Picture", PropertyType.PICTURE),
                                of("price", "Price", PropertyType.NUMBER)
                                        .unit("GBP")
                                        .listed(),
                                of("left", "How many there are", PropertyType.NUMBER)))
                .with("pageless", Value.of(true))
                .with("takenAlong", Value.of(true));
    }

    static Stream<Entry> things() {
        return Stream.of(
                thing(
                        1,
                        "Night-book facsimile",
                        "Nineteen years of nights, as they were written down.",
                        "trails",
                        "24",
                        40),
                thing(
                        2,
                        "Red torch",
                        "It lights the path and spares your eyes. Batteries included.",
                        "field-two",
                        "9.50",
                        31),
                thing(
                        3,
                        "Star wheel for the moor",
                        "Turn it to the hour: what is up, drawn for our latitude.",
                        "trails-two",
                        "12",
                        17),
                thing(4, "Mug with Orion", "The hunter shows when the tea is hot.", "nebula", "11", 12),
                thing(5, "Eight postcards of the night", "Printed in Ashcombe on heavy card.", "moonrise", "6", 60),
                thing(
                        6,
                        "Blanket of Ashcombe wool",
                        "For those who lie on the lower field until two.",
                        "field",
                        "48",
                        0));
    }

    private static Entry thing(int place, String name, String summary, String picture, String price, long left) {
        Map<String, Value> fields = new HashMap<>();
        fields.put("summary", Value.of(summary));
        fields.put("picture", Value.of(picture));
        fields.put("price", new Value.Num(new java.math.BigDecimal(price)));
        fields.put("left", Value.of(left));
        return new Entry("shelf-" + place, name, KIND, place * APART, fields);
    }

    static Form order() {
        Form form = ReadyForms.find("form-order").orElseThrow().copy(ORDER, "Order from the shelf");
        return form.asking(form.fields().stream()
                        .map(f -> f.type().equals("basket") ? f.with("suggests", KIND) : f)
                        .toList())
                .with("copies", Value.of("noor@kestrel-moor.example"));
    }

    static List<PageDraft> pages() {
        return List.of(
                new PageDraft("shelf", "standard", "The shelf")
                        .beneath("support")
                        .wearing("wide")
                        .shown("Six things from beside the door: each pays for an hour of dark.", "moonrise")
                        .led("What stands on the shelf beside the door can be fetched there, or comes by post.")
                        .section(section(
                                "s2",
                                "On the shelf",
                                listing(KIND, "all", "plan", 12, "cards").with("labels", Value.of(false)))),
                new PageDraft("order", "standard", "Order from the shelf")
                        .beneath("shelf")
                        .wearing("plain")
                        .shown("Look over what you take along, and order it.", null)
                        .section(
                                columns(
                                        "s1",
                                        "Order",
                                        column(8, part("form").with("form", ORDER)),
                                        column(
                                                4,
                                                heading("How it comes to you").with("size", "medium"),
                                                text(
                                                        "<p>Noor packs on Mondays. Within a week it is with you, the bill in the parcel; or fetch it on an open night, and pay at the door.</p>")))));
    }
}
