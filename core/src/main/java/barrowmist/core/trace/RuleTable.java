package barrowmist.core.trace;

/**
 * Where the rules of the trace begin, in tables to be read. Which sign and which word points where is common practice, no
 * published source; every figure is a house default unless its line says otherwise. {@link TraceRules} reads them.
 */
final class RuleTable {

    private RuleTable() {}

    /**
     * Of each sign: how often it is seen on a sound roast; the line at which it counts half; how soft the line is; the unit of
     * both. A line in spreads is that many of the machine's own beyond its usual value, and one of an aim is so far beyond the
     * aim's own limit.
     */
    static final String SIGNS = """
            hot-charge          0.03   2.6   0.45  spreads above usual
            hot-turn            0.05   2.6   0.45  spreads above usual
            high-peak           0.05   2.6   0.45  spreads above usual
            slow-drum           0.02   2.6   0.45  spreads below usual
            fast-drum           0.02   2.6   0.45  spreads above usual
            small-batch         0.03   2.6   0.45  spreads below usual
            heat-fell           0.05   0.9   0.12  times the limit of a crash or a stall
            long-browning       0.05   0     1.2   % beyond the aim
            short-browning      0.05   0     1.2   % short of the aim
            long-total          0.05   0     15    s beyond the aim
            fast-at-crack       0.05   0     0.7   °C/min beyond the aim
            short-development   0.04   0     0.7   % short of the aim
            long-development    0.04   0     0.9   % beyond the aim
            few-degrees         0.05   0     0.8   °C short of the aim
            low-drop            0.04   2.6   0.45  spreads below usual
            high-drop           0.04   2.6   0.45  spreads above usual
            second-crack        0.02   0.5   0.1   marked
            dark                0.04   4     1     points darker than the aim
            pale                0.05   4     1     points lighter than the aim
            gap                 0.04   0     0.7   points beyond the bench's limit
            low-loss            0.05   0.3   0.3   % short of the limit
            high-loss           0.05   0.7   0.4   % beyond the limit
            pale-inside         0.05   0.5   0.13  seen
            scorched-beans      0.03   2.5   0.5   in 100 g
            tipped-beans        0.03   2.5   0.5   in 100 g
            quaker-beans        0.05   1.6   0.45  in 100 g beyond the bench's limit
            dark-beans          0.05   3     0.7   in 100 g
            mixed-look          0.06   0.5   0.13  seen
            oily                0.04   0.5   0.13  seen
            not-swollen         0.05   0.5   0.13  seen
            moist               0.04   0.2   0.2   % beyond the lab's limit
            dry                 0.05   0.2   0.2   % below the lab's limit
            water-active        0.04   0.65  0.02  water activity
            musty-smell         0.03   0.5   0.13  smelled
            ferment-smell       0.03   0.5   0.13  smelled
            chemical-smell      0.02   0.5   0.13  smelled
            old-smell           0.04   0.5   0.13  smelled
            faded               0.05   0.5   0.13  seen
            old                 0.05   0     1     months beyond the lab's limit
            fungus              0.03   0.7   0.15  beans in 350 g
            sour-beans          0.05   1.3   0.3   full defects in 350 g
            insect              0.05   1.3   0.3   full defects in 350 g
            unripe              0.06   6     1.5   beans in 350 g
            mixed-sizes         0.06   0     0.15  1/64 inch of spread beyond wide
            marks-easily        0.4    0.5   0.13  natural, soft or small
            too-young           0.03   0.12  0.06  short of the school, as a share of it
            too-old             0.03   16    2     days
            others-too          0.04   0.6   0.1   share of the table's other samples
            ground-before       0.03   0.5   0.13  words of the sample before
            dose-off            0.03   7     1.5   % from the usual ratio
            water-off           0.03   1     0.2   times what the protocol allows
            whole-lot           0.06   0.6   0.1   share of the lot's other roasts
            cup-again           0.1   0.5   0.1   seen
            roast-again         0.6   0.5   0.1   seen
            sorted              0.1   0.5   0.1   seen
            little-acidity      0.1   -0.3   0.05  share of the intensity scale, with the sign turned
            much-acidity        0.12   0.75  0.05  share of the intensity scale
            """;

    /** How often each is the main thing wrong with a cup that comes to the table; what is left is sound. */
    static final String PRIORS = """
            baked 0.035, scorched 0.03, tipped 0.03, underdeveloped 0.035, overdeveloped 0.03, tart 0.03, muted 0.03,
            quakers 0.03, green-mould 0.03, green-ferment 0.03, green-phenol 0.03, green-potato 0.01, past-crop 0.03, under-rested 0.03,
            stale 0.03, preparation 0.03, uneven 0.03, none 0.013
            """;

    /**
     * The ways in which a cause comes about in the roast: the share of each, and what it shows in the log. A way that shows
     * nothing is one that the log has missed. What is not named is as likely as on a sound roast.
     */
    static final String WAYS = """
            baked fell 0.6:              heat-fell 0.96, long-browning 0.15, long-total 0.15
            baked dragged 0.3:           long-browning 0.7, long-total 0.6, heat-fell 0.3
            baked unseen 0.1:
            scorched hot-charge 0.45:    hot-charge 0.95, hot-turn 0.6, high-peak 0.4
            scorched slow-drum 0.25:     slow-drum 0.95
            scorched small-batch 0.2:    small-batch 0.95, hot-turn 0.4, high-peak 0.4
            scorched unseen 0.1:
            tipped early-heat 0.6:       high-peak 0.92, hot-charge 0.15, hot-turn 0.2
            tipped slow-drum 0.15:       slow-drum 0.95
            tipped unseen 0.25:
            underdeveloped short 0.33:   short-development 0.95, few-degrees 0.5, low-drop 0.4
            underdeveloped low-drop 0.22: low-drop 0.95, few-degrees 0.4, short-development 0.15
            underdeveloped ran-ahead 0.2: fast-at-crack 0.95, short-development 0.2
            underdeveloped fast-drum 0.13: fast-drum 0.95
            underdeveloped unseen 0.12:
            overdeveloped long 0.85:     long-development 0.75, high-drop 0.8, second-crack 0.4, long-total 0.15
            overdeveloped unseen 0.15:
            tart short-browning 0.85:    short-browning 0.95
            tart unseen 0.15:
            muted long-browning 0.85:    long-browning 0.95, long-total 0.2
            muted unseen 0.15:
            preparation table 0.4:
            preparation purge 0.2:
            preparation silverskin 0.4:
            """;

    /** What each cause shows elsewhere. */
    static final String SHOWS = """
            baked:          dark 0.03, little-acidity 0.45, much-acidity 0.03, roast-again 0.7
            scorched:       scorched-beans 0.9, tipped-beans 0.12, dark 0.1, marks-easily 0.55, dark-beans 0.2
            tipped:         tipped-beans 0.92, scorched-beans 0.12, marks-easily 0.5
            underdeveloped: gap 0.85, pale-inside 0.8, low-loss 0.65, pale 0.5, not-swollen 0.4, moist 0.08
            overdeveloped:  dark 0.88, high-loss 0.75, oily 0.55, little-acidity 0.4, scorched-beans 0.06
            tart:           much-acidity 0.4, little-acidity 0.02
            muted:          little-acidity 0.3
            quakers:        quaker-beans 0.95, unripe 0.5, mixed-look 0.3, sorted 0.9, roast-again 0.7
            green-mould:    moist 0.75, musty-smell 0.85, water-active 0.6, fungus 0.5, insect 0.15, whole-lot 0.75, sorted 0.4, roast-again 0.9
            green-ferment:  ferment-smell 0.85, sour-beans 0.65, insect 0.15, moist 0.1, whole-lot 0.75, sorted 0.4, roast-again 0.9
            green-phenol:   chemical-smell 0.8, insect 0.4, fungus 0.15, whole-lot 0.75, sorted 0.3, roast-again 0.9
            green-potato:   insect 0.4, whole-lot 0.4, sorted 0.05, roast-again 0.8
            past-crop:      old 0.85, dry 0.65, faded 0.6, old-smell 0.5, little-acidity 0.4, whole-lot 0.85, roast-again 0.95
            under-rested:   too-young 0.96, cup-again 0.85, roast-again 0.3
            stale:          too-old 0.96, little-acidity 0.3, roast-again 0.1
            preparation:    others-too 0.7, ground-before 0.3, dose-off 0.3, water-off 0.3, cup-again 0.7, roast-again 0.1
            uneven:         mixed-look 0.85, mixed-sizes 0.8, dark-beans 0.55, pale-inside 0.15, quaker-beans 0.15, sorted 0.5, roast-again 0.8
            """;

    /** The words of each cause, each with its share beside the others. Words overlap on purpose. */
    static final String WORDS = """
            baked:          flat 1, dull 1, hollow 1, baked 1, little sweetness 0.8, bready 0.7, papery 0.6,
                            little acidity 0.6, little aroma 0.7, wheat 0.2, cardboard 0.2
            scorched:       ashy 1, charred 0.8, smoky 0.8, burnt 1, harsh 0.8, bitter 0.5, scorched 1
            tipped:         sharp 1, tipped 1, burnt 0.6, smoky 0.5, ashy 0.5, harsh 0.6, bitter 0.6, charred 0.3
            underdeveloped: grassy 1, raw grain 1, underdeveloped 1, peanut skin 0.9, hay 0.7, wheat 0.8, doughy 0.8,
                            sour 0.9, thin 0.7, drying 0.8, pea pod 0.7, bitter 0.4, bready 0.3
            overdeveloped:  roasty 1, bittersweet 1, overdeveloped 1, smoky 0.7, charred 0.7, little acidity 0.6,
                            bitter 0.4, burnt 0.2
            tart:           tart 1, pointed 1, little sweetness 0.8, thin 0.7, sour 0.4, sharp 0.3
            muted:          muted 1, heavy 1, plain 1, dull 0.3, little acidity 0.2, flat 0.2
            quakers:        oats 1, quakery 1, bready 0.8, wheat 0.7, peanut 1, papery 0.8
            green-mould:    musty 1, earthy 1
            green-ferment:  ferment 1, sour 0.15
            green-phenol:   medicinal 1, rubbery 0.3
            green-potato:   potato 1, pea pod 0.3
            past-crop:      woody 1, past crop 1, papery 0.8, hay 0.8, little acidity 0.7, cardboard 0.2
            under-rested:   flat 0.9, closed 1, gassy 1, under-rested 1
            stale:          dull 0.8, cardboard 1, stale 1, flat 0.3
            preparation:    papery 0.8, drying 0.8, tobacco 1, off water 1, another coffee 1, thin 0.4, heavy 0.2
            uneven:         uneven 1, grassy 0.5, smoky 0.5, bitter 0.5, sour 0.3, hay 0.3, roasty 0.3, harsh 0.3
            """;

    /** The rest, with their units. */
    static final String FIGURES = """
            usual.spreads               2.6   spreads beyond usual that an aim is held to
            aim.slack                   1.5   of its unit: so far the machine's own may move an aim's limit
            floor.charge                1.5   °C, the smallest spread believed
            floor.turn                  1.5   °C
            floor.peak                  0.8   °C/min
            floor.drop                  1.3   °C
            floor.share                 1     % or its unit, where an aim's limit is moved
            floor.drum                  2.5   1/min
            floor.batch                 5     % of the batch
            drum.slow                   42    1/min, until the machine has learned
            drum.fast                   85    1/min, until the machine has learned
            fall.nearly                 0.6   of a crash or a stall, from which on a fall is read at all
            fall.short                  0.9   of one, that a fall short of it may count as
            browning.short              27    %
            browning.short-natural      35    %, common practice: less tastes tart
            browning.natural-less       2     % that a natural's limit lies lower
            development.over            7     % beyond the target
            rest.believed               0.5   h, less means that the time of the roast was not entered
            rise.high                   18    °C from first crack to drop, until the machine has learned
            correct.charge              5     °C lower at least
            correct.drum                8     1/min beyond the limit
            correct.gas                 10    % of full
            correct.ease                6     % of full, where a phase is to be longer or shorter
            correct.calm                8     °C/min at first crack
            correct.calm-natural        6.7   °C/min, one roaster's: 12 °F/min
            correct.drop                2     °C at least
            correct.drop-most           4     °C at most
            correct.seconds             10    s at least
            correct.seconds-most        45    s at most
            correct.rate                5     °C/min near the drop, where it was not logged
            correct.browning            3     % inside the limit
            correct.cut-before          90    s before a crash, or up to its low: such a cut of gas made it
            correct.cut-earlier         35    s that the cut is made earlier
            correct.gas-step            5     % that gas is set by
            correct.stall-more          10    % of full, how a stall is answered
            correct.stall-lead          20    s before the stall began
            change.model-off            0.45   share that the size of a change may be off by a drum's model, where it has shown nothing
            change.least-off            0.2   the same of the best model
            change.most-off             0.7   and of the worst that is believed
            change.clearly              1.5   spreads off the usual gas, from which on that is what went wrong
            change.unlike               1.75  spreads that going back to the usual may leave at most, where the gas is what went wrong
            change.safely               0.7   of a crash or a stall at most that a change may leave
            cost.seconds                20    s of dry end, crack or drop that are one tolerance, where no plan aims at them
            cost.celsius                2.5   °C of the drop that are one
            cost.share                  2     % of a phase that are one
            cost.rate                   1     °C/min that are one
            cost.fault                  2     tolerances that a further stall, surge or flick counts for
            cup.words-sound             0.25  share of sound cups with a word of a fault
            cup.words-faulty            0.94  share of faulty cups with one
            cup.words-none              0.94  the same where nothing explains the cup
            cup.more-sound              0.1   share of those with one that have another
            cup.more-faulty             0.55  the same of faulty cups
            cup.more-none               0.55  and where nothing explains the cup
            cup.pleasant-sound          0.6   share of sound cups with a pleasant word, where words were noted
            cup.pleasant-faulty         0.3   the same of faulty ones
            cup.lone-sound              0.88  share of sound cups with a word that only one cupper of several found
            cup.lone-faulty             0.4   the same of faulty ones
            cup.noise                   0.35  share of words that are not the cause's own
            cup.vocabulary              30    words that a fault may be given by chance
            cup.all                     0.93  shows in all cups where the whole batch has it
            cup.all-few                 0.1   the same of single beans
            cup.all-either              0.5   the same of what may be either
            cup.few-share               0.35  of the cups: few
            cup.all-share               0.75  of the cups: all
            cup.one-of-many             0.45  how much a word counts that one cupper of many found
            cup.all-of-many             1.15  and one that all of them found
            odds.tempered               2.4   power of all evidence: the shares above are modest
            standing.cup                1     least that the cup must add
            standing.witness            0.7   least that another source must add
            standing.supported          0.5   least probability
            standing.named              0.02  least probability to be named
            standing.unlikely           0.12  below it a cause is unlikely
            learn.worth                 20    cups that a house default is worth beside the lead's verdicts
            decision.score-floor        80    points that a lot is bought from, published: SCA cupping protocol (value from memory)
            decision.affective-floor    80    points on the affective form that a lot is bought from; no line of the standard
            decision.sheet-scatter      0.9   points, how far one sheet lies from another of the same coffee
            decision.certainty          1.64  standard errors beside the floor that are sure enough (one side of 95 %)
            decision.whole-lot          0.6   share of the cupped roasts, from which on a green fault is the lot's
            decision.days-to-decide     10    days from the arrival to the decision
            decision.due-soon           7     days ahead, when a lot is due soon and stands on Today
            decision.history            45    days after it was due, when a lot that nobody set a day for is history
            decision.false-calls        5     % of batches of a profile that may be called though nothing changed, over all its figures
            proof.batches               3     roasts of each side from which on a change can be confirmed
            proof.by-chance             0.05  share of the ways to part the batches that may look as clear
            proof.left                  0.5   share of the cups that had it which may have it still
            proof.together-all          0.5   how alike one cupper's cups are, where the whole batch has it
            proof.together-few          0.05  the same of single beans
            proof.together-either       0.25  the same of what may be either
            second.cause                0.06 how often a second cause comes with a first
            """;
}
