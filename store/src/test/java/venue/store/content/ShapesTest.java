package venue.store.content;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;
import venue.core.model.kind.Kind;
import venue.core.model.kind.KindSettings;
import venue.core.model.kind.Placement;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.store.database.Database;

class ShapesTest {

    private static final String OLD_KIND = "{\"id\":\"k\",\"name\":\"K\",\"offeredFirst\":true,\"startsIn\":\"form\","
            + "\"mayHold\":[\"x\"],\"beneath\":{\"where\":\"BENEATH_KINDS\",\"ids\":[\"x\"]}}";

    @TempDir
    Path folder;

    /** What was written before contents told their shape is of the first one. */
    @Test
    void whatOlderVersionsKeptIsReadInTheShapeOfNowAndStaysAsItIs() {
        try (Database database = Database.open(folder.resolve("venue.db"))) {
            database.sql()
                    .sql("insert into content (hash, type, body) values ('h', 'KIND', :body)")
                    .param("body", OLD_KIND)
                    .update();
            Kind kind = (Kind) new Contents(database).require(new Hash("h"));
            assertThat(kind.offeredFirst()).isTrue();
            assertThat(kind.startsIn()).isEqualTo("form");
            assertThat(kind.settings().get(KindSettings.MAY_HOLD.key()))
                    .isEqualTo(venue.core.model.kind.BeneathRule.listed(List.of("x")));
            assertThat(kind.beneath()).isEqualTo(new Placement(Placement.Where.BENEATH_KINDS, List.of("x")));
            assertThat(kind.madeBy()).isEqualTo(Role.EDITOR);
            assertThat(database.sql()
                            .sql("select body from content")
                            .query(String.class)
                            .single())
                    .isEqualTo(OLD_KIND);
            Hash hash = new Contents(database).put(kind);
            assertThat(database.sql()
                            .sql("select shape from content where hash = :hash")
                            .param("hash", hash)
                            .query(Integer.class)
                            .single())
                    .isEqualTo(ItemJson.SHAPE);
        }
    }

    @Test
    void aPageThatLeftItsColumnsToItsKindSaysNothingOfThem() {
        Page page = Page.of("p", "Weaving", "weaving", "standard");
        String old = ItemJson.write(page.withSetting("sides", Value.of("kind")));
        assertThat(ItemJson.read(ItemSort.PAGE, 3, old)).isEqualTo(page);
        assertThat(ItemJson.read(ItemSort.PAGE, ItemJson.SHAPE, old)).isNotEqualTo(page);
    }

    private static Stream<Item> items() {
        return ReadySite.items("Loomgate Yard", "loomgate.localhost", "p").stream();
    }

    @ParameterizedTest
    @MethodSource("items")
    void whatHasTheShapeOfNowIsLeftAlone(Item item) {
        String body = ItemJson.write(item);
        Item again = ItemJson.read(ItemSort.of(item), 1, body);
        assertThat(again).isEqualTo(item);
    }
}
