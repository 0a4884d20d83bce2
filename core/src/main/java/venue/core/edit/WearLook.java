package venue.core.edit;

import venue.core.theme.Theme;

/** Puts the site into a look that it keeps. */
public record WearLook(String look) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Theme theme = desk.edition().require(Theme.class, look);
        return Change.of("wear the look " + theme.name(), desk.edition().site().withLook(look));
    }
}
