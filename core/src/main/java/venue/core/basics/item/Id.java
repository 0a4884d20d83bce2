package venue.core.basics.item;

/** What something is known by: a value of its own for each sort of thing, so that no two are mistaken for one another. It reads as its letters. */
interface Id extends CharSequence {

    String text();

    @Override
    default int length() {
        return text().length();
    }

    @Override
    default char charAt(int index) {
        return text().charAt(index);
    }

    @Override
    default CharSequence subSequence(int start, int end) {
        return text().subSequence(start, end);
    }
}
