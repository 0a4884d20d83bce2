package venue.server.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.springframework.mock.web.MockHttpSession;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.server.signin.People;
import venue.store.session.Sessions;

class ProofPassTest {

    private static final SiteId KESTREL_MOOR = new SiteId("kestrel-moor");
    private static final PersonId MAJA = new PersonId("maja");

    private static final Instant NOON = Instant.parse("2026-11-23T12:00:00Z");

    private final GivenClock clock = new GivenClock(NOON);
    private final People people = mock(People.class);
    private final Sessions sessions = mock(Sessions.class);
    private final ProofPass passes = new ProofPass(clock, people, sessions);
    private final MockHttpSession session = new MockHttpSession();

    @BeforeEach
    void atNoon() {
        when(people.maySee(any(), any())).thenReturn(true);
    }

    @Test
    void aPassOpensItsSiteForHalfAnHourAndNoLonger() {
        String pass = passes.issue(KESTREL_MOOR, MAJA, session);
        assertThat(passes.open(pass)).contains(KESTREL_MOOR);
        clock.set(NOON.plus(Duration.ofMinutes(29)));
        assertThat(passes.open(pass)).contains(KESTREL_MOOR);
        clock.set(NOON.plus(Duration.ofMinutes(41)));
        assertThat(passes.open(pass)).isEmpty();
    }

    @Test
    void askedForAgainSoonItIsTheSameSoThatPicturesStayCached() {
        String pass = passes.issue(KESTREL_MOOR, MAJA, session);
        clock.set(NOON.plusSeconds(60));
        assertThat(passes.issue(KESTREL_MOOR, MAJA, session)).isEqualTo(pass);
        assertThat(passes.issue(new SiteId("loomgate-yard"), MAJA, session)).isNotEqualTo(pass);
    }

    @Test
    void aPassOpensNothingOfASiteThatIsNoLongerOnesOwn() {
        String pass = passes.issue(KESTREL_MOOR, MAJA, session);
        when(people.maySee(MAJA, KESTREL_MOOR)).thenReturn(false);
        assertThat(passes.open(pass)).isEmpty();
    }

    @Test
    void aPassMadeByAnotherProcessOrForAnotherSiteOpensNothing() {
        String pass = passes.issue(KESTREL_MOOR, MAJA, session);
        assertThat(new ProofPass(clock, people, sessions).open(pass)).isEmpty();
        assertThat(passes.open(pass.replace("kestrel-moor", "loomgate-yard"))).isEmpty();
        String later = pass.replaceAll("\\.([0-9]+)\\.", ".99999999999.");
        assertThat(passes.open(later)).isEmpty();
    }

    @Test
    void aPassEndsWithItsSessionAndNotWithAnothers() {
        MockHttpSession other = new MockHttpSession(null, "id-of-the-session");
        String pass = passes.issue(KESTREL_MOOR, MAJA, session);
        String others = passes.issue(KESTREL_MOOR, MAJA, other);
        assertThat(others).isNotEqualTo(pass).doesNotContain(other.getId());
        ArgumentCaptor<Consumer<String>> ended = ArgumentCaptor.captor();
        verify(sessions).onEnd(ended.capture());
        ended.getValue().accept(session.getId());
        assertThat(passes.open(pass)).isEmpty();
        assertThat(passes.open(others)).contains(KESTREL_MOOR);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                ".",
                "..",
                "a.b.c",
                "a.1",
                "a.99999999999999999999.x.y",
                "kestrel-moor.-1.x.y",
                "a.1.b.c",
                "a.1.b.c.d"
            })
    void whatIsNoPassOpensNothing(String pass) {
        assertThat(passes.open(pass)).isEmpty();
    }
}
