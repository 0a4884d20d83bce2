package venue.core.edit;

import venue.core.page.Page;

/** Takes a section off its page. */
public record RemoveSection(String page, String section) implements Command {

    @Override
    public Change on(Desk desk) {
        Page target = desk.edition().require(Page.class, page);
        String name = target.zones().require(section).section().name();
        return Change.of("remove " + name, target.withZones(target.zones().remove(section)));
    }
}
