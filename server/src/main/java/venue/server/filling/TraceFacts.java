package venue.server.filling;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;
import venue.core.body.trace.Comment;
import venue.core.body.trace.Comments;
import venue.core.body.trace.Ratings;
import venue.core.body.trace.Traces;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.SaidOnPages;
import venue.store.rating.PageRatings;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** What visitors left on the pages of a site, as pages are told of it. What is counted over all of a site is counted anew where it changed. */
@Component
public class TraceFacts {

    private static final Duration KEPT = Duration.ofMinutes(1);
    private static final String LINES = "lines";

    private final AtMidnight atMidnight;
    private final SaidOnPages said;
    private final PageRatings ratings;
    private final Workspaces workspaces;
    private final Cache<SiteId, Ratings> rated =
            Caffeine.newBuilder().expireAfterWrite(KEPT).build();
    private final Cache<SiteId, Map<String, Integer>> counts =
            Caffeine.newBuilder().expireAfterWrite(KEPT).build();

    TraceFacts(AtMidnight atMidnight, Answers answers, PageRatings ratings, Workspaces workspaces) {
        this.atMidnight = atMidnight;
        said = answers.comments();
        this.ratings = ratings;
        this.workspaces = workspaces;
        said.onChange((site, page) -> counts.invalidate(site));
        ratings.onChange((site, page) -> rated.invalidate(site));
    }

    /** Of a site that is there. */
    public Traces of(SiteId site) {
        Optional<Edition> live = workspaces.find(site).map(Workspace::now).map(now -> now.live());
        return live.map(edition -> new Traces(
                        atMidnight.of(site, edition.site()), new OfSite(site, edition), rated.get(site, ratings::all)))
                .orElse(Traces.NOTHING);
    }

    private final class OfSite implements Comments {

        private final SiteId site;
        private final Edition live;

        private OfSite(SiteId site, Edition live) {
            this.site = site;
            this.live = live;
        }

        @Override
        public List<Comment> on(String page) {
            return said.on(site, page, MOST).stream().map(this::comment).toList();
        }

        @Override
        public int count(String page) {
            return counts.get(site, said::counts).getOrDefault(page, 0);
        }

        @Override
        public List<Comment> newest(int most) {
            return said.newest(site, most).stream().map(this::comment).toList();
        }

        private Comment comment(Answer a) {
            Answer.OnPage how = a.onPage();
            return new Comment(
                    a.id().text(),
                    a.page(),
                    how == null || how.to() == null ? "" : how.to().text(),
                    a.who(),
                    Instant.parse(a.came()),
                    how != null && how.edited(),
                    words(a));
        }

        /** What others read of it: what its form says, else what was written in several lines. */
        private String words(Answer a) {
            String key =
                    live.find(Form.class, a.form()).flatMap(Form::commentField).orElse("");
            return a.said().stream()
                    .filter(s -> s.key().equals(key))
                    .findFirst()
                    .or(() -> a.said().stream()
                            .filter(s -> s.type().equals(LINES))
                            .findFirst())
                    .map(Filling.Said::words)
                    .orElse("");
        }
    }
}
