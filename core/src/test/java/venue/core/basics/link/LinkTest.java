package venue.core.basics.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;

class LinkTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "page:visit",
                "page:visit#when",
                "media:dome-1",
                "/visit?x=1#when",
                "#when",
                "https://example.org/a b",
                "mailto:maja@kestrel-moor.example",
                "tel:+441234567890",
                "HTTP://EXAMPLE.ORG"
            })
    void whatPeopleLinkToIsTaken(String target) {
        assertThat(new Link(target).target()).isEqualTo(target);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "javascript:alert(1)",
                "JaVaScRiPt:alert(1)",
                "java\nscript:alert(1)",
                "data:text/html,x",
                "vbscript:x",
                "file:///etc/passwd",
                "//example.org",
                "/\\example.org",
                "page:",
                "page:Ünder",
                "page:visit#a b",
                "page:aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa",
                "visit",
                "http://",
                "https://exa mple.org:99999999999999/%"
            })
    void whatRunsOrLeadsNowhereIsRefusedWithTheWayOut(String target) {
        assertThat(Link.find(target)).isEmpty();
        assertThatThrownBy(() -> new Link(target)).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.code()).isEqualTo("link-not-allowed");
            assertThat(r.fix()).contains("https://");
        });
    }

    @ParameterizedTest
    @CsvSource({"page:visit#when,visit,#when", "page:visit,visit,''"})
    void aPageIsKnownByItsIdWithoutTheAnchor(String target, String page, String anchor) {
        assertThat(new Link(target).pageId()).contains(page);
        assertThat(new Link(target).anchor()).isEqualTo(anchor);
        assertThat(new Link(target).mediaId()).isEmpty();
    }

    @Test
    void onlyAddressesWithASchemeLeaveTheSite() {
        assertThat(new Link("https://example.org").isOutside()).isTrue();
        assertThat(new Link("mailto:a@b.example").isOutside()).isTrue();
        assertThat(new Link("/visit").isOutside()).isFalse();
        assertThat(Link.toPage("visit").isOutside()).isFalse();
        assertThat(Link.toMedia("guide").mediaId()).contains("guide");
    }
}
