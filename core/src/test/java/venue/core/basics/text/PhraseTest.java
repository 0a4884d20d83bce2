package venue.core.basics.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Properties;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PhraseTest {

    @ParameterizedTest
    @CsvSource({"de, Menü", "de-CH, Menü", "fr, Menu", "cy, Menu", "'', Menu"})
    void whatIsNotSpokenHereIsSaidInEnglish(String language, String words) {
        Locale machine = Locale.getDefault();
        try {
            Locale.setDefault(Locale.GERMANY);
            assertThat(Phrase.MENU.in(language)).isEqualTo(words);
        } finally {
            Locale.setDefault(machine);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"de", "fr", "es", "it", "nl", "sv", "da"})
    void everyLanguageSaysEverything(String language) throws IOException {
        Properties own = new Properties();
        own.load(PhraseTest.class.getResourceAsStream("phrases_" + language + ".properties"));
        assertThat(own.stringPropertyNames())
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(Phrase.values()).map(Enum::name).toList());
        assertThat(Phrase.SHOW_FROM.in(language)).containsOnlyOnce("%s");
    }
}
