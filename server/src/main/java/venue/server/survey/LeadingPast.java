package venue.server.survey;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.model.redirect.Redirect;
import venue.store.journal.Journal;
import venue.store.search.LastAsked;
import venue.store.workspace.Workspace;

/**
 * How the addresses of a site came to lead on, and when somebody last asked for them.
 *
 * @param made the last step that changed each redirect, by its id
 */
record LeadingPast(Map<String, Journal.Last> made, LastAsked.Known asked, LocalDate today) {

    private static final String OF_REDIRECTS = "from-";
    private static final int IDLE_DAYS = 365;
    private static final String RELEASE = "release ";

    static LeadingPast of(Workspace workspace, LastAsked lastAsked, Instant now) {
        return new LeadingPast(
                workspace.journal().lastOfAll(workspace.site(), OF_REDIRECTS),
                lastAsked.of(workspace.site()),
                LocalDate.ofInstant(now, ZoneOffset.UTC));
    }

    Journal.@Nullable Last made(Redirect redirect) {
        return made.get(redirect.id());
    }

    /** The release that made it, because a page moved; 0 where somebody did, by hand. */
    int release(Redirect redirect) {
        Journal.Last last = made(redirect);
        return last != null && last.name().matches(RELEASE + "\\d{1,8}")
                ? Integer.parseInt(last.name().substring(RELEASE.length()))
                : 0;
    }

    @Nullable
    LocalDate lastAsked(Redirect redirect) {
        return asked.last().get(redirect.from());
    }

    /** Whether it leads on for more than a year, and nobody has asked for it in that time. */
    boolean isIdle(Redirect redirect) {
        Journal.Last last = made(redirect);
        LocalDate begun = last == null ? today : LocalDate.ofInstant(Instant.parse(last.at()), ZoneOffset.UTC);
        return redirect.to() != null
                && Stream.of(Optional.ofNullable(lastAsked(redirect)), asked.since(), Optional.of(begun))
                        .flatMap(Optional::stream)
                        .allMatch(day -> day.isBefore(today.minusDays(IDLE_DAYS)));
    }
}
