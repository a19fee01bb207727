package barrowmist.server.cupping;

import barrowmist.core.check.Coded;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import barrowmist.server.cupping.HouseViews.OwnWordView;
import barrowmist.server.cupping.HouseViews.WordEntry;
import barrowmist.server.cupping.HouseViews.WordView;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The words of the house: the program's, and those that cuppers wrote and the lead took in. */
@Service
@KeptInTurn
public class LabVocabulary {

    private static final int LATEST_SHEETS = 30;
    private static final int MOST_LATELY = 12;

    private final LabWordRepository words;
    private final SheetRepository sheets;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    LabVocabulary(LabWordRepository words, SheetRepository sheets, Clock clock, ApplicationEventPublisher told) {
        this.words = words;
        this.sheets = sheets;
        this.clock = clock;
        this.told = told;
    }

    /** All words: the program's with what the house calls them too, then those of the house alone. */
    @Transactional(readOnly = true)
    List<WordView> all() {
        List<LabWordEntity> own = words.findAllByOrderByWord();
        Stream<WordView> ours = Vocabulary.all().stream()
                .map(w -> WordView.of(
                        w,
                        own.stream()
                                .filter(o -> w.word().equals(o.sameAs()))
                                .map(LabWordEntity::word)
                                .toList()));
        return Stream.concat(ours, own.stream().filter(o -> o.sameAs() == null).map(WordView::of))
                .toList();
    }

    /** Words of the last sheets that may be told, those written most first: of no table that is still blind. */
    @Transactional(readOnly = true)
    List<String> lately() {
        Map<String, Integer> times = new LinkedHashMap<>();
        sheets.lastTold(PageRequest.of(0, LATEST_SHEETS)).stream()
                .flatMap(s -> s.content().words().stream())
                .forEach(w -> times.merge(w.word(), 1, Integer::sum));
        return times.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .limit(MOST_LATELY)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Words on sheets that may be told and that stand in no vocabulary, those written most first. */
    @Transactional(readOnly = true)
    List<OwnWordView> candidates() {
        Set<String> known =
                words.findAllByOrderByWord().stream().map(LabWordEntity::word).collect(Collectors.toSet());
        Map<String, Integer> times = new TreeMap<>();
        sheets.withOwnWords().stream()
                .flatMap(s -> s.ownWords().stream())
                .filter(w -> !known.contains(w))
                .forEach(w -> times.merge(w, 1, Integer::sum));
        return times.entrySet().stream()
                .map(e -> new OwnWordView(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(OwnWordView::times).reversed())
                .toList();
    }

    /** @throws InputProblems if it is there already, or means the same as a word that is not */
    WordView take(WordEntry entry) {
        String word = entry.word() == null ? "" : entry.word().strip().toLowerCase(Locale.ROOT);
        if (word.isEmpty() || word.length() > TasteNote.LONGEST_WORD) {
            throw new InputProblems("word", "A word has 1 to " + TasteNote.LONGEST_WORD + " characters");
        }
        if (Vocabulary.find(word).isPresent() || words.existsById(word)) {
            throw new InputProblems("word", "\"" + word + "\" is in the vocabulary already");
        }
        String meant = Vocabulary.plain(word);
        if (!meant.equals(word)) {
            throw new InputProblems("word", "\"" + word + "\" is another name of \"" + meant + "\" already");
        }
        LabWordEntity taken =
                words.saveAndFlush(new LabWordEntity(word, group(entry), sameAs(entry.sameAs()), clock.instant()));
        tell(word);
        return WordView.of(taken);
    }

    private static @Nullable String sameAs(@Nullable String other) {
        if (other != null && Vocabulary.find(other).isEmpty()) {
            throw new InputProblems("sameAs", "\"" + other + "\" is not a word of the vocabulary");
        }
        return other;
    }

    private static WordGroup group(WordEntry entry) {
        if (entry.sameAs() != null) {
            return Vocabulary.find(entry.sameAs())
                    .map(Vocabulary.Word::group)
                    .orElseThrow(() ->
                            new InputProblems("sameAs", "\"" + entry.sameAs() + "\" is not a word of the vocabulary"));
        }
        if (entry.group() == null) {
            throw new InputProblems(
                    "group",
                    "group is missing, expected " + Coded.codes(WordGroup.class)
                            + "; otherwise sameAs a word of the vocabulary");
        }
        return entry.group();
    }

    /** @throws Conflict if it is a word of the program's */
    void giveBack(String word) {
        if (Vocabulary.find(word).isPresent()) {
            throw new Conflict("\"" + word + "\" is one of Barrowmist's own words.", Map.of());
        }
        words.delete(words.findById(word).orElseThrow(() -> new NotFound("word", word)));
        tell(word);
    }

    /** What roasts with this word trace back to may be another thing now. */
    private void tell(String word) {
        sheets.withOwnWords().stream()
                .filter(s -> s.roastId() != null && s.ownWords().contains(word))
                .map(SheetEntity::roastId)
                .distinct()
                .forEach(id -> told.publishEvent(new RoastChanged(id)));
    }

    /** These sheets in the program's words, where the house has others for the same. */
    @Transactional(readOnly = true)
    public List<CuppingSheet> spoken(Collection<CuppingSheet> given) {
        if (given.stream().allMatch(s -> s.words().stream().allMatch(w -> known(w.word())))) {
            return List.copyOf(given);
        }
        Map<String, String> same = words.findAllByOrderByWord().stream()
                .filter(w -> w.sameAs() != null)
                .collect(Collectors.toMap(LabWordEntity::word, w -> String.valueOf(w.sameAs())));
        return given.stream().map(s -> s.with(spoken(s.words(), same))).toList();
    }

    private static boolean known(String word) {
        return Vocabulary.find(word).isPresent();
    }

    /** A word that is there under two names is one word, in all cups of both. */
    private static List<TasteNote> spoken(List<TasteNote> notes, Map<String, String> same) {
        Map<String, TasteNote> out = new LinkedHashMap<>();
        for (TasteNote note : notes) {
            String word = same.getOrDefault(note.word(), note.word());
            out.merge(word, TasteNote.of(word, note.cups()), TasteNote::and);
        }
        return List.copyOf(out.values());
    }
}
