package venue.server.telling;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.model.site.SiteFacts;
import venue.server.here.Here;
import venue.store.telling.Told;

/** How search engines were told of what releases changed. */
@RestController
@RequestMapping("/api/sites/{site}/telling")
class TellingController {

    private final Told told;
    private final Telling telling;

    TellingController(Told told, Telling telling) {
        this.told = told;
        this.telling = telling;
    }

    /**
     * How it went last.
     *
     * @param tells whether the live site asks for it
     * @param host of whoever is told
     * @param at when they were told last, ISO 8601; absent where they never were
     * @param addresses how many they were told then
     * @param waits whether a release is live of which they don't know all
     * @param nextAt when it is tried again, ISO 8601; absent where it needn't be
     * @param says what stands in the way; empty where nothing does
     */
    record TellingState(
            boolean tells,
            String host,
            @Nullable String at,
            int addresses,
            boolean waits,
            @Nullable String nextAt,
            String says) {}

    @GetMapping
    TellingState state(Here here) {
        Told.State state = told.state(here.site());
        boolean tells = here.now().release() > 0
                && SiteFacts.tellsChanges(here.now().live().site());
        return new TellingState(
                tells,
                telling.host(),
                state.at() == null ? null : state.at().toString(),
                state.addresses(),
                tells && state.release() != here.now().release(),
                state.nextAt() == null ? null : state.nextAt().toString(),
                state.says());
    }
}
