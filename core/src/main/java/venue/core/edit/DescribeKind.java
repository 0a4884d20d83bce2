package venue.core.edit;

import venue.core.kind.Kind;

/** Names a kind and says what its pages are. */
public record DescribeKind(String kind, String name, String note) implements ShapesSite {

    @Override
    public Change on(Desk desk) {
        Kind target = desk.edition().require(Kind.class, kind);
        String words = Names.check(desk.edition(), Kind.class, kind, name);
        return Change.of("name of the kind " + words, target.withName(words, Names.checkNote(note)));
    }
}
