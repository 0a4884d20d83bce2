package venue.core.change.edit.page;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.edition.edition.Asks;

/** Pages that shall be made, as they are being described: of one kind, at the end of the top unless something else is said. */
public final class NewPages {

    private final String kind;
    private final List<NewPage> pages;
    private @Nullable String parent;
    private @Nullable String before;
    private @Nullable String template;
    private @Nullable String segment;
    private @Nullable String begin;
    private @Nullable Boolean evenSo;
    private Asks.@Nullable AskAnswer gathers;
    private List<String> menus = List.of();
    private Map<String, Value> settings = Map.of();

    private NewPages(String kind, List<NewPage> pages) {
        this.kind = kind;
        this.pages = pages;
    }

    public static NewPages of(String kind, List<NewPage> pages) {
        return new NewPages(kind, pages);
    }

    public static NewPages one(String kind, String id, String title) {
        return of(kind, List.of(new NewPage(id, title)));
    }

    public NewPages beneath(@Nullable String page) {
        parent = page;
        return this;
    }

    /** Before one of its siblings-to-be. */
    public NewPages before(@Nullable String page) {
        before = page;
        return this;
    }

    public NewPages wearing(@Nullable String other) {
        template = other;
        return this;
    }

    /** The last part of the address, where one page is made. */
    public NewPages addressed(@Nullable String part) {
        segment = part;
        return this;
    }

    /** With the sections of a pattern, instead of what the template brings. */
    public NewPages beginning(@Nullable String pattern) {
        begin = pattern;
        return this;
    }

    /** Also where the rules of placement don't allow it. */
    public NewPages evenSo(@Nullable Boolean is) {
        evenSo = is;
        return this;
    }

    /** What their sections gather, where they ask. */
    public NewPages gathering(@Nullable String ofKind, @Nullable String byField) {
        gathers = new Asks.AskAnswer(ofKind, byField);
        return this;
    }

    public NewPages inMenus(List<String> ids) {
        menus = ids;
        return this;
    }

    public NewPages with(Map<String, Value> values) {
        settings = values;
        return this;
    }

    public PageCommand made() {
        return new MakePages(
                new MakePages.Where(parent, before, evenSo),
                new MakePages.MadeAs(kind, template, begin, gathers),
                pages,
                segment,
                menus,
                settings);
    }
}
