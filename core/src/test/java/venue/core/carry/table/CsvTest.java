package venue.core.carry.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.Size;

class CsvTest {

    @Property
    void whatIsWrittenIsReadAndNoSpreadsheetTakesItForAFormula(
            @ForAll @Size(value = 3)
                    List<@Chars({'=', '+', '-', '@', '\'', '\t', ';', ',', '"', 'a', '1', '\n'}) String> cells) {
        List<List<String>> rows = List.of(List.of("A", "B", "C"), cells);
        assertThat(Csv.read(Csv.write(rows), 5)).isEqualTo(rows);
        assertThat(cells).allSatisfy(c -> assertThat(Csv.guarded(c)).doesNotMatch("(?s)[=@\\t].*|[-+](?!\\d).*"));
    }
}
