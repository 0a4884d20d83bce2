package venue.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import venue.core.live.delivery.Bundle;
import venue.core.live.delivery.Copy;
import venue.server.live.HeldSite;

class NginxMapTest {

    private static Copy page(String at, String download) {
        return new Copy(
                at,
                new Copy.Lies("-/page/" + at.length() + ".html", "h", 1, true),
                new Copy.Answers(200, "text/html", "no-cache", "default-src 'none'", download, ""),
                "",
                List.of(),
                List.of(),
                null);
    }

    private static Copy leading(String at, String to) {
        return new Copy(
                at,
                new Copy.Lies("", "", 0, false),
                new Copy.Answers(301, "text/html", "", "", "", to),
                "",
                List.of(),
                List.of(),
                null);
    }

    private static List<String> lines(Copy... copies) {
        return NginxMap.lines(Bundle.EMPTY.with(List.of(copies), Set.of()))
                .lines()
                .toList();
    }

    @Test
    void aLineSaysAllThatAnAddressIsAnsweredWith() {
        assertThat(lines(page("/visit", "")))
                .containsExactly("\"/visit\" \"200|-/page/6.html|z|/visit||default-src 'none'|no-cache||text/html\";");
        assertThat(lines(leading("/old", "/new"), leading("/out", "https://other.example/a#b")))
                .containsExactly(
                        "\"/old\" \"301|||/old|?/new||||text/html\";",
                        "\"/out\" \"301|||/out|https://other.example/a#b||||text/html\";");
    }

    @Test
    void whatNginxWouldTakeForItsOwnIsWrittenSoThatItDoesNot() {
        assertThat(lines(page("/a\"b\\c", "attachment; filename=\"x|$y\"")))
                .singleElement()
                .asString()
                .startsWith("\"/a\\\"b\\\\c\" ")
                .contains("filename=\\\"x%7C%24y\\\"");
        assertThat(lines(leading("/sale", "/at-$5"))).singleElement().asString().contains("|?/at-%245|");
    }

    @Test
    void branchesArePatternsAndWhatIsNowhereIsNoLine() {
        assertThat(lines(leading("/old.news/*", "/news"), page(HeldSite.NOWHERE, "")))
                .singleElement()
                .asString()
                .startsWith("\"~^/old\\\\.news(/|$)\" \"301|||*|");
        assertThat(lines(page("/Visit", ""), page("/visit", "")))
                .as("nginx takes both for one")
                .hasSize(1);
    }
}
