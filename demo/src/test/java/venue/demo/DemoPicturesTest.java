package venue.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DemoPicturesTest {

    @Test
    void theBuildHasDrawnThemAllAsTheyAreDrawn() {
        assertThat(DemoPictures.all().keySet())
                .allSatisfy(id -> assertThat(DrawPictures.drawn(id)).as(id).isPresent());
        assertThat(DemoPictures.bytes("moon"))
                .isEqualTo(DemoPictures.all().get("moon").drawing().get());
        assertThat(DrawPictures.drawn("nothing")).isEmpty();
    }
}
