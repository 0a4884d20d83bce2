package venue.core.body.form;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.model.property.Choice;

/** By what a field is filled in. What a browser holds it to stands in its attributes (HTML, 4.10.18). */
public sealed interface Control {

    /** Who draws controls. */
    interface Pen {

        void line(Line line);

        void area(Area area);

        void choices(Choices choices);

        void offers(Offers offers);

        void tick(Tick tick);

        void days(Days days);

        void files(Files files);

        void between(Between between);

        void taken(Taken taken);
    }

    void by(Pen pen);

    /**
     * One line.
     *
     * @param unit what stands behind it, or empty
     */
    record Line(String type, Map<String, String> attributes, String unit) implements Control {
        @Override
        public void by(Pen pen) {
            pen.line(this);
        }
    }

    /** Several lines. */
    record Area(int rows, Map<String, String> attributes) implements Control {
        @Override
        public void by(Pen pen) {
            pen.area(this);
        }
    }

    /**
     * One or several of some.
     *
     * @param layout {@code rows}, {@code line}, {@code cards} or {@code menu}
     * @param pictures the ids of their pictures, by what is chosen
     */
    record Choices(List<Choice> all, boolean several, String layout, Map<String, String> pictures) implements Control {
        @Override
        public void by(Pen pen) {
            pen.choices(this);
        }
    }

    /** One of some pages or entries, with what is left of each. */
    record Offers(List<Offer> all) implements Control {
        @Override
        public void by(Pen pen) {
            pen.offers(this);
        }
    }

    /**
     * A box to tick.
     *
     * @param words what is agreed to
     * @param link where more is said of it; absent for nowhere
     */
    record Tick(String words, @Nullable String link, String linkWords) implements Control {
        @Override
        public void by(Pen pen) {
            pen.tick(this);
        }
    }

    /** The first and the last of some days. */
    record Days(Line first, Line last) implements Control {
        @Override
        public void by(Pen pen) {
            pen.days(this);
        }
    }

    /**
     * Files to be sent along.
     *
     * @param accept what a browser lets choose (HTML, 4.10.5.1.16)
     * @param told what may be sent, in words
     */
    record Files(String accept, int most, String told) implements Control {
        @Override
        public void by(Pen pen) {
            pen.files(this);
        }
    }

    /** What was taken along: each visitor's own. */
    record Taken() implements Control {
        @Override
        public void by(Pen pen) {
            pen.taken(this);
        }
    }

    /** Words between fields, as they were written. */
    record Between(String html) implements Control {
        @Override
        public void by(Pen pen) {
            pen.between(this);
        }
    }
}
