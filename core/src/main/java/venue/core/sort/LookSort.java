package venue.core.sort;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Edition;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyCheck;
import venue.core.model.property.ValueWords;
import venue.core.model.theme.Look;
import venue.core.model.theme.ThemeSettings;

/** Looks, of which every page wears the site's. */
final class LookSort extends Sort<Look> {

    LookSort() {
        super(Look.class);
    }

    @Override
    Optional<Item> anew(Look look, String id, Walk walk) {
        return Optional.of(new Look(id, look.name(), look.note(), walk.needed(ThemeSettings.all(), look.settings())));
    }

    @Override
    Optional<Item> called(Look look, String name) {
        return Optional.of(look.withName(name));
    }

    @Override
    Item checked(Look look, WholeCheck check) {
        return noted(look).withSettings(PropertyCheck.all(ThemeSettings.all(), look.settings(), look.name()));
    }

    private static Look noted(Look look) {
        return look.note().isEmpty()
                ? look
                : look.with("note", PropertyCheck.one(look.setting("note"), Value.of(look.note()), look.name()));
    }

    @Override
    String note(Look look) {
        return look.note();
    }

    @Override
    List<String> tells(@Nullable Look live, Look working, Between between) {
        if (live == null) {
            return List.of("A new look, kept");
        }
        List<String> says = new ArrayList<>();
        for (Property setting : ThemeSettings.all()) {
            Optional<Value> was = setting.in(live.settings());
            Optional<Value> is = setting.in(working.settings());
            if (!was.equals(is)) {
                says.add(setting.label() + ": "
                        + is.map(v -> ValueWords.of(setting, v, Locale.UK)).orElse("as built in"));
            }
        }
        if (between.working().site().look().equals(working.id())) {
            says.add("Shows on every page");
        }
        return says;
    }

    @Override
    Stream<String> needs(Look look, Between between) {
        return between.missing(look.files().stream());
    }

    @Override
    ReachedPages reach(Look look, Edition edition) {
        return look.id().equals(edition.site().look()) ? ReachedPages.all(edition) : ReachedPages.NONE;
    }
}
