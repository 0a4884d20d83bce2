package venue.server.survey;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import venue.core.survey.Finding;
import venue.core.survey.Scope;
import venue.core.survey.Survey;
import venue.store.workspace.Standing;

/** The findings of working copies, made once for each standing of a site. */
@Component
public class Surveys {

    private static final int STANDINGS = 16;

    private final InstantSource clock;
    private final Cache<Standing, List<Finding>> known =
            Caffeine.newBuilder().weakKeys().maximumSize(STANDINGS).build();

    Surveys(InstantSource clock) {
        this.clock = clock;
    }

    /** What the survey finds on the working copy, the gravest first. */
    public List<Finding> of(Standing standing) {
        return known.get(standing, s -> Survey.of(Scope.workingCopy(s.working(), s.live(), clock.instant())));
    }

    /** The same, by the item they are about. */
    public Map<String, List<Finding>> byItem(Standing standing) {
        return of(standing).stream().collect(Collectors.groupingBy(Finding::item));
    }
}
