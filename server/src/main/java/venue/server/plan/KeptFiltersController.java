package venue.server.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.PersonId;
import venue.server.here.Here;
import venue.store.filter.KeptFilters;

/** Filters of the plan that people keep by name. */
@RestController
@RequestMapping("/api/sites/{site}/plan/filters")
class KeptFiltersController {

    private final KeptFilters filters;

    KeptFiltersController(KeptFilters filters) {
        this.filters = filters;
    }

    /** One's own and those of all, by name. */
    @GetMapping
    List<KeptFilters.KeptFilter> kept(Here here) {
        return filters.of(here.site(), here.person().id());
    }

    /** Keeps one under a name that it may have already; for all by managers alone. */
    @PostMapping
    List<KeptFilters.KeptFilter> keep(Here here, @RequestBody KeptFilters.KeptFilter given) {
        filters.keep(here.site(), owner(here, given), given.name(), given.asks());
        return kept(here);
    }

    /** Keeps one no more. */
    @PostMapping("/remove")
    List<KeptFilters.KeptFilter> remove(Here here, @RequestBody KeptFilters.KeptFilter given) {
        filters.remove(here.site(), owner(here, given), given.name());
        return kept(here);
    }

    private static @Nullable PersonId owner(Here here, KeptFilters.KeptFilter given) {
        if (given.forAll()) {
            here.requireManager("keep filters for all");
            return null;
        }
        return here.person().id();
    }
}
