package venue.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.body.form.Filling;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.show.render.View;
import venue.demo.KestrelMoor;
import venue.store.answer.Answer;

/** Who may change what they said: a member for a quarter of an hour, whoever has the link while the page takes comments. */
class CommentChangeTest {

    private static final Instant NOON = Instant.parse("2026-12-01T12:00:00Z");
    private static final Edition MOOR = Edition.of(KestrelMoor.items(LocalDate.parse("2026-12-01")));

    @Test
    void aMemberMayForAQuarterOfAnHourAStrangerWhileCommentsAreTaken() {
        Random chance = new Random(39);
        for (int i = 0; i < 400; i++) {
            String rule = List.of("kind", "held", "once", "closed", "none").get(chance.nextInt(5));
            int minutes = chance.nextInt(40);
            boolean member = chance.nextBoolean();
            boolean apart = chance.nextInt(4) == 0;
            Page page = MOOR.require(Page.class, "article-1").withSetting("comments", Value.of(rule));
            View view = View.of(MOOR.with(List.of(page), List.of()), NOON, "", View.Mode.VISITOR);
            Answer answer = new Answer(
                    new AnswerId("abc"),
                    new SiteId("kestrel-moor"),
                    "comment-form",
                    1,
                    NOON.minus(Duration.ofMinutes(minutes)).toString(),
                    "2036-12-01T12:00:00Z",
                    "Ada",
                    "",
                    member ? "m1" : null,
                    "article-1",
                    List.of(new Filling.Said("words", "What", "lines", "Hush", "Hush")),
                    new Answer.Done("new", apart ? "links" : null, null, ""),
                    null,
                    new Answer.OnPage(true, null, false, 0));
            boolean taken = !rule.equals("closed") && !rule.equals("none");
            assertThat(CommentChange.may(view, answer, NOON))
                    .as("%s, %d minutes, member %s, apart %s", rule, minutes, member, apart)
                    .isEqualTo(taken && !apart && (!member || minutes < 15));
            assertThat(CommentChange.form(answer, "t").typed()).containsEntry("words", List.of("Hush"));
        }
    }
}
