package venue.core.edition.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.model.page.Page;

class ItemJsonTest {

    private static final JsonMapper AS_ANNOTATED = ItemJson.mapper().build();

    /** A page with values of every sort. */
    private static Page page() {
        Map<String, Value> values = Map.of(
                "words", Value.of("“Ünïcode” \\ <b>"),
                "none", Value.of(""),
                "whole", Value.of(1_000_000),
                "part", Value.fromJson(0.125),
                "small", Value.fromJson(new java.math.BigDecimal("1E-9")),
                "yes", Value.of(true),
                "many", Value.fromJson(List.of(Map.of("b", "2", "a", 1), Map.of())),
                "fill", new Value.ToFill("Say it"),
                "bound", new Value.Bound("page.summary"),
                "link", Value.of(new Link("page:home").target()));
        return Page.of("p", "P", "p", "standard")
                .withPlace(null, 1)
                .withFields(values)
                .withSettings(values);
    }

    private static Stream<Item> items() {
        return Stream.concat(Stream.of(page()), ReadySite.items("Loomgate Yard", "loomgate.localhost", "p").stream());
    }

    @ParameterizedTest
    @MethodSource("items")
    void itemsAreWrittenAsTheirAnnotationsSayAndReadTheSame(Item item) {
        String json = ItemJson.write(item);
        assertThat(json).isEqualTo(AS_ANNOTATED.writeValueAsString(item));
        assertThat(ItemJson.read(item.getClass(), json)).isEqualTo(item);
        assertThat(ItemJson.item(item.getClass(), ItemJson.tree(item))).isEqualTo(item);
    }

    @ParameterizedTest
    @MethodSource("items")
    void whatIsReadIsWrittenTheSameAgain(Item item) {
        String json = ItemJson.write(item);
        assertThat(ItemJson.write(ItemJson.read(item.getClass(), json))).isEqualTo(json);
    }
}
