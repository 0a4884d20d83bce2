package venue.core.body.scene;

import java.time.LocalDateTime;
import venue.core.model.page.Page;
import venue.core.model.site.Membership;
import venue.core.model.theme.Look;

/** What an element can ask of the page and site around it: by six doors, and what the page itself is. */
public interface Scene {

    SceneWords words();

    SceneLinks links();

    ScenePictures pictures();

    SceneGathered gathered();

    SceneForms forms();

    SceneTraces traces();

    /** The member who looks. */
    Guest guest();

    /** How people become members of the site, and what is kept of them. */
    Membership membership();

    /** Something here is a form of the members', and is set by rules that other pages don't load. */
    void needsForms();

    /** The page that is shown. */
    Page page();

    /** Whether places to fill are shown with their prompt, as managers see them. */
    default boolean showsMarks() {
        return words().showsMarks();
    }

    /** An id that nothing else on the page has. */
    String freshId();

    /** The day and time in the site's zone. */
    LocalDateTime localTime();

    /** What is written would be another from a moment on, on the site's clocks. */
    void lasts(LocalDateTime until);

    /** The page's headings, where it lists them. */
    Outline outline();

    Headings headings();

    /** The look that the site wears. */
    Look look();

    /** The class under which cards stand as the choice says, with a space before it; empty where the look says it. */
    String cards(String choice);

    /** The share of the page's width, in twelfths, that the column at hand has. */
    int span();
}
