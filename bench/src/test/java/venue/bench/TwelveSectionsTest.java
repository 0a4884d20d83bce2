package venue.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TwelveSectionsTest {

    @Test
    void bothSidesOfTheBenchmarkWriteTheSameBytes() {
        TwelveSections page = new TwelveSections();
        assertThat(page.ours()).isEqualTo(page.freeMarker()).contains("Section 12 &amp; its sky");
    }
}
