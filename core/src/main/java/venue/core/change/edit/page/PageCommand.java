package venue.core.change.edit.page;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;

/** What is done to pages themselves: made, named, placed, taken off, dressed. */
public sealed interface PageCommand extends Command
        permits SetTitle,
                SetSegment,
                MakePages,
                MovePage,
                RemovePage,
                WithdrawPage,
                ChooseTemplate,
                MakeHome,
                BringBack,
                DuplicatePage,
                MergeTopic,
                TakeFromPage,
                ChangeKind,
                OrderBeneath,
                FromBin {
    static PageCommand setTitle(String page, String title) {
        return new SetTitle(page, title);
    }

    static PageCommand setSegment(String page, String segment) {
        return new SetSegment(page, segment);
    }

    static PageCommand movePage(
            String page, @Nullable String parent, @Nullable String before, @Nullable Boolean evenSo) {
        return new MovePage(page, parent, before, evenSo, List.of());
    }

    /** Moved with its lines in these menus. */
    static PageCommand movePage(String page, @Nullable String parent, @Nullable String before, List<String> menus) {
        return new MovePage(page, parent, before, null, menus);
    }

    /** Moved where the rules of placement allow it. */
    static PageCommand movePage(String page, @Nullable String parent, @Nullable String before) {
        return movePage(page, parent, before, List.of());
    }

    /** Makes one topic of two. */
    static PageCommand mergeTopic(String topic, String into) {
        return new MergeTopic(topic, into);
    }

    static PageCommand removePage(String page) {
        return new RemovePage(page);
    }

    static PageCommand withdrawPage(String page, boolean withdrawn) {
        return new WithdrawPage(page, withdrawn);
    }

    static PageCommand chooseTemplate(List<String> pages, @Nullable String template) {
        return new ChooseTemplate(pages, template);
    }

    /** Once more, alone or with everything beneath it. */
    static PageCommand duplicatePage(String page, String id, String title, boolean branch) {
        return new DuplicatePage(page, id, title, branch, null);
    }

    /** @param parts what is taken: template, options, settings, sections */
    static PageCommand takeFromPage(List<String> pages, String from, String... parts) {
        return new TakeFromPage(
                pages,
                from,
                Stream.of(parts)
                        .map(p -> TakeFromPage.PagePart.valueOf(p.toUpperCase(Locale.ROOT)))
                        .collect(Collectors.toSet()));
    }

    static PageCommand makeHome(String page) {
        return new MakeHome(page);
    }

    static PageCommand changeKind(List<String> pages, String kind) {
        return new ChangeKind(pages, kind, null);
    }

    /** @param by {@code title}, or the key of a date or number; absent for by hand */
    static PageCommand orderBeneath(@Nullable String page, @Nullable String by, boolean down, boolean always) {
        return new OrderBeneath(page, by, down, always);
    }

    /** Removed pages as they were, with what led to them. */
    static PageCommand fromBin(List<Page> pages, List<Menu> menus) {
        return new FromBin(pages, menus);
    }

    static PageCommand bringBack(Page then, @Nullable String section) {
        return new BringBack(then, section);
    }
}
