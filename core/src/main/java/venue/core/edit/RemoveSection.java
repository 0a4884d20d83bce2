package venue.core.edit;

import venue.core.section.Sectioned;

/** Takes a section off its page. */
public record RemoveSection(String item, String section) implements WritesIn {

    @Override
    public Change on(Desk desk) {
        Sectioned target = desk.edition().require(Sectioned.class, item);
        String name = target.body().require(section).section().name();
        return Change.of("remove " + name, target.withBody(target.body().remove(section)));
    }
}
