package venue.core.basics.text;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class WordsTest {

    @Property
    void whatIsShortenedFitsAndIsNeverCutWithinACharacter(
            @ForAll String words, @ForAll @IntRange(min = 2, max = 60) int most) {
        String shorter = Words.shorten(words, most);
        assertThat(shorter.codePointCount(0, shorter.length())).isLessThanOrEqualTo(most);
        if (!shorter.equals(words)) {
            assertThat(shorter).endsWith("…");
            assertThat(words)
                    .startsWith(shorter.substring(0, shorter.length() - 1).stripTrailing());
        }
    }

    @Test
    void cutsBetweenWordsAndCountsEmojiAsOne() {
        assertThat(Words.shorten("The moor is colder than you think", 20)).isEqualTo("The moor is colder…");
        assertThat(Words.shorten("🌙🌙🌙🌙🌙", 3)).isEqualTo("🌙🌙…");
    }

    @Test
    void wordsOfHtmlAreItsTextFolded() {
        assertThat(Words.of("<p>Wrap&nbsp;up:</p>\n<p>it is <b>cold</b> &amp; dark</p>"))
                .isEqualTo("Wrap up: it is cold & dark");
        assertThat(Words.count(1, "page")).isEqualTo("1 page");
        assertThat(Words.count(0, "address", "addresses")).isEqualTo("0 addresses");
    }
}
