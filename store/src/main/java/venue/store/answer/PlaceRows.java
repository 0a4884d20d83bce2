package venue.store.answer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Given;
import venue.core.live.places.PlaceLaw;
import venue.core.live.places.PlaceLaw.InLine;
import venue.store.answer.Answer.Stands;
import venue.store.database.Database;

/** The places of what runs out: who has them, and who waits. What is given is given within a transaction of the writer alone. */
final class PlaceRows {

    private static final String COUNT = """
            select item, coalesce(sum(case when stands = 'PLACE' then people end), 0) as given,
              coalesce(sum(case when stands = 'PLACE' and over = 0 then people end), 0) as lawful,
              coalesce(sum(stands = 'WAITS'), 0) as waiting
            from answer where site = :site and form = :form and item is not null group by item
            """;
    private static final String LINE = """
            select id, people from answer where site = :site and form = :form and item = :item and stands = 'WAITS' order by number limit 1000
            """;

    private static final String WAITED_FOR = """
            select distinct form, item from answer where site = :site and stands = 'WAITS' order by form, item
            """;
    private static final String TO_REMIND = """
            select id from answer where site = :site and form = :form and item = :item and stands = 'PLACE' and reminded = 0
              and email <> '' and came < :before order by number limit 1000
            """;

    private final Database database;

    PlaceRows(Database database) {
        this.database = database;
    }

    /**
     * How many places of something are given.
     *
     * @param lawful those that managers didn't give all the same
     */
    record Row(String item, int given, int lawful, int waiting) {

        static final Row NOTHING = new Row("", 0, 0, 0);
    }

    /** How many are given of each thing that a form gives places of. */
    Map<String, Given.Count> given(SiteId site, String form) {
        Map<String, Given.Count> counts = new HashMap<>();
        database.sql()
                .sql(COUNT)
                .param("site", site)
                .param("form", form)
                .query(Row.class)
                .list()
                .forEach(r -> counts.put(r.item(), new Given.Count(r.given(), r.given() - r.lawful(), r.waiting())));
        return counts;
    }

    List<SiteId> sites() {
        return database.sql()
                .sql("""
                        select site from answer where stands = 'WAITS'
                        union select site from answer where stands = 'PLACE' and reminded = 0
                        """)
                .query((r, n) -> new SiteId(r.getString("site")))
                .list();
    }

    /** What somebody waits for. */
    List<Places.WaitedFor> waitedFor(SiteId site) {
        return database.sql()
                .sql(WAITED_FOR)
                .param("site", site)
                .query(Places.WaitedFor.class)
                .list();
    }

    /** Those who have a place of something, came before a time and were not reminded of it; they are now. */
    List<AnswerId> reminded(SiteId site, Places.WaitedFor what, String before) {
        List<AnswerId> some = database.sql()
                .sql(TO_REMIND)
                .param("site", site)
                .param("form", what.form())
                .param("item", what.item())
                .param("before", before)
                .query((r, n) -> new AnswerId(r.getString("id")))
                .list();
        some.forEach(id -> database.sql()
                .sql("update answer set reminded = 1 where id = :id")
                .param("id", id)
                .update());
        return some;
    }

    private Row row(SiteId site, String form, String item) {
        return database.sql()
                .sql(COUNT.replace("item is not null", "item = :item"))
                .param("site", site)
                .param("form", form)
                .param("item", item)
                .query(Row.class)
                .optional()
                .orElse(Row.NOTHING);
    }

    /** How somebody stands who comes now; those in line have moved up before them. */
    Stands asks(SiteId site, String form, Taking.Wanted wanted) {
        moveUp(site, form, wanted.item(), wanted.places());
        Row row = row(site, form, wanted.item());
        return PlaceLaw.gives(wanted.places(), row.lawful(), row.waiting(), wanted.people())
                ? Stands.PLACE
                : Stands.WAITS;
    }

    /** Those in line who can have their places now have them. */
    List<AnswerId> moveUp(SiteId site, String form, String item, int places) {
        Row row = row(site, form, item);
        if (row.waiting() == 0) {
            return List.of();
        }
        List<InLine<AnswerId>> line = database.sql()
                .sql(LINE)
                .param("site", site)
                .param("form", form)
                .param("item", item)
                .query((r, n) -> new InLine<>(new AnswerId(r.getString("id")), r.getInt("people")))
                .list();
        List<AnswerId> up = PlaceLaw.movingUp(places, row.lawful(), line).stream()
                .map(InLine::answer)
                .toList();
        up.forEach(id -> stand(id, Stands.PLACE, false));
        return up;
    }

    void stand(AnswerId id, Stands stands, boolean over) {
        database.sql()
                .sql("update answer set stands = :stands, over = :over where id = :id")
                .param("stands", stands.name())
                .param("over", over)
                .param("id", id)
                .update();
    }

    void enter(AnswerId id, Taking.Wanted wanted, Stands stands) {
        database.sql()
                .sql(
                        "update answer set item = :item, people = :people, stands = :stands where id = :id and item is null")
                .param("item", wanted.item())
                .param("people", wanted.people())
                .param("stands", stands.name())
                .param("id", id)
                .update();
    }

    void move(AnswerId id, String item, Stands stands) {
        database.sql()
                .sql("update answer set item = :item, stands = :stands, over = 0 where id = :id")
                .param("item", item)
                .param("stands", stands.name())
                .param("id", id)
                .update();
    }
}
