package venue.store.rating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.body.trace.Rating;
import venue.core.body.trace.Ratings;
import venue.store.database.Database;
import venue.store.member.Member;
import venue.store.member.Members;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** What is given to pages is summed, a member's own is theirs alone, and all of it can be cleared. */
class PageRatingsTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final InstantSource CLOCK = () -> Instant.parse("2026-12-01T12:00:00Z");
    private static final By MAJA = new By(null, "127.0.0.1");

    @TempDir
    Path folder;

    @Test
    void sumsAreThoseOfAllThatWasGivenMembersOnceAndTheirsGoesWithThem() {
        try (Database database = Database.open(folder)) {
            new Workspaces(database, CLOCK, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
            Records records = new Records(database, CLOCK);
            PageRatings ratings = new PageRatings(database, records);
            Members members = new Members(database, CLOCK, records);
            List<Member> those = Stream.of("ada", "ben", "cas")
                    .map(who -> members.add(YARD, who + "@moor.example", who, Member.State.ACTIVE, null, Set.of()))
                    .toList();
            Map<String, Map<String, Integer>> given = new HashMap<>();
            Set<String> told = new HashSet<>();
            ratings.onChange((site, page) -> told.add(page));
            Random chance = new Random(39);
            Map<String, Rating> law = new HashMap<>();
            for (int i = 0; i < 300; i++) {
                String page = "p" + chance.nextInt(4);
                int value = 1 + chance.nextInt(5);
                String member = those.get(chance.nextInt(3)).id().toString();
                boolean once = chance.nextInt(3) > 0;
                boolean taken = once
                        || given.computeIfAbsent(member, m -> new HashMap<>()).putIfAbsent(page, value) == null;
                if (once) {
                    ratings.give(YARD, page, value);
                } else {
                    assertThat(ratings.give(YARD, page, member, value)).isEqualTo(taken);
                }
                if (taken) {
                    law.merge(page, new Rating(1, value), PageRatingsTest::and);
                }
            }
            holds(ratings, law);
            given.forEach((member, theirs) ->
                    assertThat(ratings.ofMember(YARD, member)).isEqualTo(theirs));
            members.remove(MAJA, YARD, List.of(those.get(0).id()));
            given.getOrDefault(those.get(0).id().toString(), Map.of())
                    .forEach((page, value) -> law.merge(page, new Rating(-1, -value), PageRatingsTest::and));
            holds(ratings, law);
            assertThat(told).isEqualTo(law.keySet());
            assertThat(database.sql()
                            .sql("select group_concat(name) from pragma_table_info('rating')")
                            .query(String.class)
                            .single())
                    .as("nothing of who it was")
                    .isEqualTo("site,page,value,many");
            ratings.clear(MAJA, YARD, "p0");
            law.remove("p0");
            holds(ratings, law);
            assertThatThrownBy(() -> ratings.give(YARD, "p0", 6)).isInstanceOf(Refusal.class);
            assertThatThrownBy(() -> ratings.give(YARD, "p0", 0)).isInstanceOf(Refusal.class);
        }
    }

    private static Rating and(Rating a, Rating b) {
        return new Rating(a.count() + b.count(), a.sum() + b.sum());
    }

    private static void holds(PageRatings ratings, Map<String, Rating> law) {
        Ratings all = ratings.all(YARD);
        for (int i = 0; i < 4; i++) {
            assertThat(all.of("p" + i)).isEqualTo(law.getOrDefault("p" + i, Rating.NONE));
        }
    }
}
