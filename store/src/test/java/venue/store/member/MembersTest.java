package venue.store.member;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.store.database.Database;
import venue.store.member.Member.State;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** Members: how they come in, what their links open and how often, where they are signed in, and that nothing is left of them. */
class MembersTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final SiteId BARN = new SiteId("barn");
    private static final By MAJA = new By(null, "127.0.0.1");
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private Database database;
    private Members members;
    private MemberEntry entry;

    @BeforeEach
    void open() {
        at(NOON);
        database = Database.open(folder);
        members = new Members(database, clock, new Records(database, clock));
        entry = members.entry();
        Workspaces workspaces = new Workspaces(database, clock, new Random(1));
        for (SiteId site : List.of(YARD, BARN)) {
            workspaces.begin(site, new PersonId("ines"), List.of());
        }
    }

    @AfterEach
    void close() {
        database.close();
    }

    private void at(Instant now) {
        clock.set(now);
    }

    private Member member(String name, State state, String... groups) {
        return members.add(YARD, name + "@yard.example", name, state, "hash", Set.of(groups));
    }

    private Member now(Member member) {
        return members.require(YARD, member.id());
    }

    @Test
    void whoIsInvitedComesInOnceByTheLastLinkAlone() {
        MemberEntry.Linked first = members.invite(MAJA, YARD, " Rosa@Yard.example", "Rosa  Linn", Set.of("crew"));
        MemberEntry.Linked again = members.invite(MAJA, YARD, "rosa@yard.example", "", Set.of("friends"));
        assertThat(again.member().id()).isEqualTo(first.member().id());
        assertThat(entry.isGood(YARD, first.token())).isFalse();
        assertThat(entry.isGood(BARN, again.token())).as("of another site").isFalse();
        Member in = entry.confirm(YARD, again.token(), email -> false).orElseThrow();
        assertThat(in.isActive()).isTrue();
        assertThat(in.name()).isEqualTo("Rosa Linn");
        assertThat(in.groups()).containsExactly("friends");
        assertThat(entry.confirm(YARD, again.token(), email -> true)).isEmpty();
        assertThatThrownBy(() -> members.invite(MAJA, YARD, "rosa@yard.example", "", Set.of()))
                .hasFieldOrPropertyWithValue("code", "member-already");
        assertThat(members.invite(MAJA, BARN, "rosa@yard.example", "", Set.of())
                        .member()
                        .id())
                .as("another site has its own")
                .isNotEqualTo(in.id());
        assertThatThrownBy(() -> members.add(YARD, "nobody", "", State.ACTIVE, null, Set.of()))
                .hasFieldOrPropertyWithValue("code", "bad-address");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void whoAsksConfirmsAndIsInOrWaits(boolean unasked) {
        MemberEntry.Linked asked =
                entry.ask(YARD, "odo@yard.example", "Odo", Map.of("phone", "1")).orElseThrow();
        MemberEntry.Linked again =
                entry.ask(YARD, "odo@yard.example", "Odo Vale", Map.of()).orElseThrow();
        assertThat(entry.isGood(YARD, asked.token())).as("the one before").isFalse();
        Member confirmed = entry.confirm(YARD, again.token(), email -> unasked).orElseThrow();
        assertThat(confirmed.state()).isEqualTo(unasked ? State.ACTIVE : State.ASKED);
        assertThat(entry.ask(YARD, "odo@yard.example", "Evil", Map.of()))
                .as("what is kept of somebody is not changed by whoever knows the address")
                .isEmpty();
        assertThat(now(confirmed).name()).isEqualTo("Odo Vale");
        assertThat(members.approve(MAJA, YARD, List.of(confirmed.id()))).hasSize(unasked ? 0 : 1);
        assertThat(now(confirmed).isActive()).isTrue();
    }

    @Test
    void linksOpenOneThingOnceWithinTheirTime() {
        Member odo = member("odo", State.ACTIVE);
        String signIn = entry.signInLink(odo);
        String password = entry.passwordLink(odo);
        assertThat(entry.bySignInLink(YARD, password)).as("for something else").isEmpty();
        assertThat(entry.bySignInLink(BARN, signIn)).isEmpty();
        assertThat(entry.opens(YARD, signIn)).as("not used up by another site").isTrue();
        assertThat(entry.bySignInLink(YARD, signIn)).map(Member::id).contains(odo.id());
        assertThat(entry.bySignInLink(YARD, signIn)).isEmpty();

        String late = entry.signInLink(odo);
        at(NOON.plus(Duration.ofMinutes(16)));
        assertThat(entry.bySignInLink(YARD, late)).isEmpty();
        assertThat(entry.forgetful(YARD, password)).isPresent();
        at(NOON.plus(Duration.ofHours(2)));
        assertThat(entry.reset(YARD, password, "new")).isFalse();

        String token = entry.signIn(odo, "a browser");
        assertThat(entry.reset(YARD, entry.passwordLink(odo), "new")).isTrue();
        assertThat(now(odo).password()).isEqualTo("new");
        assertThat(members.sessions().find(YARD, token))
                .as("all are signed out")
                .isEmpty();
        String before = entry.passwordLink(odo);
        members.deactivate(MAJA, YARD, List.of(odo.id()));
        assertThat(entry.reset(YARD, before, "newer")).isFalse();
    }

    /** What is found is held for a while: nobody who holds it waits for the writer, and nothing is found that had ended. */
    @Test
    void visitsAndChangesOfPasswordsNeitherStopEachOtherNorLeaveAnybodySignedIn() throws Exception {
        Member odo = member("odo", State.ACTIVE);
        MemberSessions sessions = members.sessions();
        AtomicReference<String> token = new AtomicReference<>("");
        CompletableFuture<Void> changes =
                CompletableFuture.runAsync(() -> IntStream.range(0, 200).forEach(n -> {
                    token.set(entry.signIn(odo, "a browser"));
                    at(NOON.plus(Duration.ofMinutes(6L * n)));
                    entry.setPassword(odo, "password " + n, null);
                    assertThat(sessions.find(YARD, token.get())).isEmpty();
                }));
        CompletableFuture<Void> visits = CompletableFuture.runAsync(() -> {
            while (!changes.isDone()) {
                sessions.find(YARD, token.get());
            }
        });
        CompletableFuture.allOf(changes, visits).get(2, TimeUnit.MINUTES);
    }

    @Test
    void sessionsAreOfOneSiteEndWithThePasswordAndAreNotForEver() {
        Member odo = member("odo", State.ACTIVE);
        String here = entry.signIn(odo, "x".repeat(5000));
        String there = entry.signIn(odo, "another");
        MemberSessions sessions = members.sessions();
        MemberSessions.Open open = sessions.find(YARD, here).orElseThrow();
        assertThat(open.session().device().length()).isLessThan(500);
        assertThat(sessions.find(BARN, here)).isEmpty();
        assertThat(sessions.find(YARD, here + "x")).isEmpty();
        entry.setPassword(odo, "other", open.session().hash());
        assertThat(sessions.find(YARD, here)).isPresent();
        assertThat(sessions.find(YARD, there)).isEmpty();

        at(NOON.plus(MemberSessions.GOOD_FOR).plusSeconds(1));
        members.sessions().forget();
        assertThat(sessions.find(YARD, here)).isEmpty();
        IntStream.range(0, 60).forEach(n -> {
            at(NOON.plus(Duration.ofDays(40)).plusSeconds(n));
            entry.signIn(odo, "device " + n);
        });
        assertThat(sessions.of(odo.id()))
                .hasSize(50)
                .first()
                .matches(s -> s.device().equals("device 59"));
        sessions.end(sessions.of(odo.id()).get(0).hash());
        assertThat(sessions.of(odo.id())).first().matches(s -> s.device().equals("device 58"));

        String last = entry.signIn(odo, "last");
        members.deactivate(MAJA, YARD, List.of(odo.id()));
        assertThat(sessions.find(YARD, last)).isEmpty();
        members.bringBack(MAJA, YARD, List.of(odo.id()));
        assertThat(sessions.find(YARD, last))
                .as("brought back, they sign in anew")
                .isEmpty();
    }

    @Test
    void theyAreFoundByWordsGroupAndStateAndCountedTheSameWay() {
        Random chance = new Random(7);
        Map<String, Integer> inGroups = new HashMap<>();
        List<Member> all = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            String group = List.of("crew", "friends").get(chance.nextInt(2));
            State state = State.values()[chance.nextInt(State.values().length)];
            all.add(member("m" + i, state, group));
            inGroups.merge(group, state == State.ACTIVE ? 1 : 0, Integer::sum);
        }
        members.add(BARN, "m1@yard.example", "of the barn", State.ACTIVE, null, Set.of("crew"));
        Members.Counts counts = members.counts(YARD);
        assertThat(counts.all()).isEqualTo(60);
        assertThat(counts.groups()).containsAllEntriesOf(inGroups);
        counts.states().forEach((state, count) -> {
            MemberFilter filter = new MemberFilter("", state, null);
            Members.Found found = members.found(YARD, filter, 0, 100);
            assertThat(found.all()).isEqualTo(count);
            assertThat(found.rows()).hasSize(count).allMatch(m -> m.state() == state);
        });
        MemberFilter crew = new MemberFilter("M1", null, "crew");
        Members.Found found = members.found(YARD, crew, 0, 100);
        assertThat(found.rows())
                .hasSize(found.all())
                .isNotEmpty()
                .allMatch(m -> m.name().startsWith("m1") && m.groups().contains("crew"));
        List<Member> paged = new ArrayList<>();
        for (int after : new int[] {0, 25, 50, 75}) {
            Members.Found some = members.found(YARD, MemberFilter.ALL, after, 25);
            assertThat(some.all()).as("after " + after).isEqualTo(60);
            paged.addAll(some.rows());
        }
        assertThat(paged)
                .extracting(Member::id)
                .containsExactlyInAnyOrderElementsOf(
                        all.stream().map(Member::id).toList());
        for (String sign : List.of("%", "_____", "' or 1=1 --")) {
            assertThat(members.found(YARD, new MemberFilter(sign, null, null), 0, 9)
                            .all())
                    .as("a sign is a sign")
                    .isZero();
        }
    }

    @Test
    void whatIsDoneToSeveralIsDoneToThoseItFitsAndNobodyOfAnotherSite() {
        Member odo = member("odo", State.ACTIVE, "crew");
        Member ada = member("ada", State.ASKED);
        Member far = members.add(BARN, "far@barn.example", "Far", State.ACTIVE, null, Set.of());
        List<MemberId> ids = List.of(odo.id(), ada.id(), far.id(), new MemberId("nobody"));
        assertThat(members.regroup(MAJA, YARD, ids, Set.of("friends"), Set.of("crew")))
                .hasSize(2);
        assertThat(members.regroup(MAJA, YARD, ids, Set.of("friends"), Set.of("crew")))
                .as("again")
                .isEmpty();
        assertThat(now(odo).groups()).containsExactly("friends");
        assertThat(members.deactivate(MAJA, YARD, ids)).extracting(Member::name).containsExactly("odo");
        assertThat(members.write(MAJA, YARD, odo.id(), " Odo  Vale ", Map.of("key", "barn"))
                        .name())
                .isEqualTo("Odo Vale");
        assertThatThrownBy(() -> members.write(MAJA, YARD, far.id(), "Evil", Map.of()))
                .hasFieldOrPropertyWithValue("code", "unknown-member");
        assertThat(members.remove(MAJA, YARD, ids)).isEqualTo(2);
        assertThat(members.counts(YARD).all()).isZero();
        assertThat(members.find(BARN, far.id())).contains(far);
    }

    @Test
    void nothingIsKeptOfWhoeverLeaves() {
        Member odo = member("odo", State.ACTIVE, "crew");
        String token = entry.signIn(odo, "here");
        entry.signInLink(odo);
        entry.describe(odo, "Odo of the loft", Map.of("phone", "55501"));
        entry.leave(odo);
        assertThat(members.sessions().find(YARD, token)).isEmpty();
        for (String table : List.of("member", "member_group", "member_session", "member_link")) {
            assertThat(database.sql()
                            .sql("select count(*) from " + table)
                            .query(Integer.class)
                            .single())
                    .as(table)
                    .isZero();
        }
        assertThat(database.sql()
                        .sql("select count(*) from record where detail like '%odo%' or detail like '%55501%'")
                        .query(Integer.class)
                        .single())
                .isZero();
    }
}
