package barrowmist.server.web;

/** What must be there before the first page is answered, such as figures made by the present rules. */
@FunctionalInterface
public interface BeforeOpening {

    /** Done at each start, in the order of the beans. */
    void prepare();
}
