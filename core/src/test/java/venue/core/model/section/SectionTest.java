package venue.core.model.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.basics.value.Value;
import venue.core.body.element.Elements;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;

/** What a section goes by until somebody names it. */
class SectionTest {

    private static Section holding(Element... elements) {
        Section empty = Section.empty("s", "", List.of(12));
        return empty.withColumns(List.of(new Column("c1", 12, List.of(elements))));
    }

    private static Element saying(String kind, String key, String words) {
        return new Element("e" + kind, kind, Map.of(key, Value.of(words)));
    }

    @Test
    void itGoesByItsHeadingElseItsWordsElseWhatItHolds() {
        assertThat(holding().name()).isEqualTo("Empty section");
        assertThat(Elements.all())
                .allSatisfy(kind -> assertThat(
                                holding(new Element("e", kind.key(), Map.of())).name())
                        .isEqualTo(kind.name()));
        Element text =
                saying("text", "text", "<p>Come &amp; see the <b>looms</b> at work on any Friday evening in May</p>");
        assertThat(holding(text).name()).isEqualTo("Come & see the looms at work on any Friday…");
        assertThat(holding(text, saying("heading", "text", "Looms")).name()).isEqualTo("Looms");
        assertThat(holding(saying("heading", "text", "\ud83e\uddf5".repeat(40))).name())
                .as("cut between letters")
                .isEqualTo("\ud83e\uddf5".repeat(24) + "…");
    }

    @Test
    void aNameOfItsOwnStaysAndOneThatIsProposedIsNotKept() {
        Section named = holding(saying("heading", "text", "Looms")).withName("Ours");
        assertThat(named.name()).isEqualTo("Ours");
        SharedSection unnamed = new SharedSection("x", named.withName(""));
        String written = ItemJson.write(unnamed);
        assertThat(written).doesNotContain("\"name\"");
        assertThat(ItemJson.read(ItemSort.of(unnamed), ItemJson.SHAPE, written)).isEqualTo(unnamed);
    }
}
