<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>core</name>
    <message numerus="yes">
        <source>%n part(s) show bare foil: neither clay, paint nor cover, first: %1.</source>
        <translation>
            <numerusform>%n part shows bare foil: neither clay, paint nor cover: %1.</numerusform>
            <numerusform>%n parts show bare foil: neither clay, paint nor cover, first: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) stay in the colour of their clay: %1.</source>
        <translation>
            <numerusform>%n part stays in the colour of its clay: %1.</numerusform>
            <numerusform>%n parts stay in the colour of their clay: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step(s) have nothing to hold it by but what is wet, first: %1. A rod, tie-downs or baking in stages would help.</source>
        <translation>
            <numerusform>%n step has nothing to hold it by but what is wet: %1. A rod, tie-downs or baking in stages would help.</numerusform>
            <numerusform>%n steps have nothing to hold it by but what is wet, first: %1. A rod, tie-downs or baking in stages would help.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Buy %n thing(s) of which nothing is there: “What the whole production takes” lists them.</source>
        <translation>
            <numerusform>Buy %n thing of which nothing is there: “What the whole production takes” lists it.</numerusform>
            <numerusform>Buy %n things of which nothing is there: “What the whole production takes” lists them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The wire picked for %1 (%n strand(s), a turn every %2) cannot be made: strands of a bundle may stand at most 25° to it, of two 45°. The best that can be made stands in for it: pick another or let it choose.</source>
        <translation>
            <numerusform>The wire picked for %1 (%n strand, a turn every %2) cannot be made: strands of a bundle may stand at most 25° to it, of two 45°. The best that can be made stands in for it: pick another or let it choose.</numerusform>
            <numerusform>The wire picked for %1 (%n strands, a turn every %2) cannot be made: strands of a bundle may stand at most 25° to it, of two 45°. The best that can be made stands in for it: pick another or let it choose.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hold %n posed joint(s)</source>
        <translation>
            <numerusform>hold %n posed joint</numerusform>
            <numerusform>hold %n posed joints</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchKnown</name>
    <message numerus="yes">
        <source>No test yet: every number of this wire rests on table values, and lives scatter by a factor of %1. What is not known of them halves with %n bend test(s).</source>
        <translation>
            <numerusform>No test yet: every number of this wire rests on table values, and lives scatter by a factor of %1. What is not known of them halves with %n bend test.</numerusform>
            <numerusform>No test yet: every number of this wire rests on table values, and lives scatter by a factor of %1. What is not known of them halves with %n bend tests.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n hang test(s): it holds %1 times what the card says, give or take %2 %.</source>
        <translation>
            <numerusform>%n hang test: it holds %1 times what the card says, give or take %2 %.</numerusform>
            <numerusform>%n hang tests: it holds %1 times what the card says, give or take %2 %.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n test(s)</source>
        <translation>
            <numerusform>%n test</numerusform>
            <numerusform>%n tests</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n break test(s): nine in ten stand %1 MPa (without tests %2).</source>
        <translation>
            <numerusform>%n break test: nine in ten stand %1 MPa (without tests %2).</numerusform>
            <numerusform>%n break tests: nine in ten stand %1 MPa (without tests %2).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>It stands %1 off its dial and swings by %2 to each side (%n reading(s)).</source>
        <translation>
            <numerusform>It stands %1 off its dial and swings by %2 to each side (%n reading).</numerusform>
            <numerusform>It stands %1 off its dial and swings by %2 to each side (%n readings).</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchPage</name>
    <message numerus="yes">
        <source>%n reading(s), one each half minute. Half an hour is enough: then keep it.</source>
        <translation>
            <numerusform>%n reading, one each half minute. Half an hour is enough: then keep it.</numerusform>
            <numerusform>%n readings, one each half minute. Half an hour is enough: then keep it.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchTable</name>
    <message numerus="yes">
        <source>%n spoilt line(s)</source>
        <translation>
            <numerusform>%n spoilt line</numerusform>
            <numerusform>%n spoilt lines</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>with %n test(s)</source>
        <translation>
            <numerusform>with %n test</numerusform>
            <numerusform>with %n tests</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n reading(s) of the probe so far</source>
        <translation>
            <numerusform>%n reading of the probe so far</numerusform>
            <numerusform>%n readings of the probe so far</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::BuildSheets</name>
    <message numerus="yes">
        <source>%1: have %n ready, used one after the other.</source>
        <translation>
            <numerusform>%1: have %n ready, used one after the other.</numerusform>
            <numerusform>%1: have %n ready, used one after the other.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n coat(s), %1 ml in all, dry in %2</source>
        <translation>
            <numerusform>%n coat, %1 ml in all, dry in %2</numerusform>
            <numerusform>%n coats, %1 ml in all, dry in %2</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::Division</name>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n open</numerusform>
            <numerusform>%n open</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::FigureRail</name>
    <message numerus="yes">
        <source>%1 of clay in %n part(s)</source>
        <translation>
            <numerusform>%1 of clay in %n part</numerusform>
            <numerusform>%1 of clay in %n parts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step(s), %1 of hands</source>
        <translation>
            <numerusform>%n step, %1 of hands</numerusform>
            <numerusform>%n steps, %1 of hands</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::PaintPage</name>
    <message numerus="yes">
        <source>%n coat(s) on %1, %2 less to dry.</source>
        <translation>
            <numerusform>%n coat on %1, %2 less to dry.</numerusform>
            <numerusform>%n coats on %1, %2 less to dry.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::PicturesTab</name>
    <message numerus="yes">
        <source>Widths of %n part(s) read, none of them in doubt.</source>
        <translation>
            <numerusform>Widths of %n part read, none of them in doubt.</numerusform>
            <numerusform>Widths of %n parts read, none of them in doubt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Widths of %n part(s) read. Look at these places and drag their edges:</source>
        <translation>
            <numerusform>Widths of %n part read. Look at these places and drag their edges:</numerusform>
            <numerusform>Widths of %n parts read. Look at these places and drag their edges:</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::PlanDays</name>
    <message numerus="yes">
        <source>, %n more</source>
        <translation>
            <numerusform>, %n more</numerusform>
            <numerusform>, %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of work for %n puppets. Work stands on the line, what dries or bakes hangs from it.</source>
        <translation>
            <numerusform>%1 of work for %n puppet. Work stands on the line, what dries or bakes hangs from it.</numerusform>
            <numerusform>%1 of work for %n puppets. Work stands on the line, what dries or bakes hangs from it.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::PlanPage</name>
    <message numerus="yes">
        <source>%1 h a week, %n people</source>
        <translation>
            <numerusform>%1 h a week, one pair of hands</numerusform>
            <numerusform>%1 h a week, %n people</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) will not be so when the step comes, first: </source>
        <translation>
            <numerusform>%n thing will not be so when the step comes: </numerusform>
            <numerusform>%n things will not be so when the step comes, first: </numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::RemediesList</name>
    <message numerus="yes">
        <source>%n more way(s) out</source>
        <translation>
            <numerusform>%n more way out</numerusform>
            <numerusform>%n more ways out</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShootPage</name>
    <message numerus="yes">
        <source>Design for these shots: %n joint(s) asked anew</source>
        <translation>
            <numerusform>Design for these shots: %n joint asked anew</numerusform>
            <numerusform>Design for these shots: %n joints asked anew</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>its bends, from how widely it acts: %1 frames, each pose held for %n frame(s)</source>
        <translation>
            <numerusform>its bends, from how widely it acts: %1 frames, each pose held for %n frame</numerusform>
            <numerusform>its bends, from how widely it acts: %1 frames, each pose held for %n frames</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShopShelf</name>
    <message numerus="yes">
        <source>; buy %n pack(s)</source>
        <translation>
            <numerusform>; buy %n pack</numerusform>
            <numerusform>; buy %n packs</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Ordered things come in %n day(s)</source>
        <translation>
            <numerusform>Ordered things come in %n day</numerusform>
            <numerusform>Ordered things come in %n days</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShotMotions</name>
    <message numerus="yes">
        <source>%1 says that it has %n frame(s)</source>
        <translation>
            <numerusform>%1 says that it has %n frame</numerusform>
            <numerusform>%1 says that it has %n frames</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> and holds %n more: left out</source>
        <translation>
            <numerusform> and holds %n more: left out</numerusform>
            <numerusform> and holds %n more: left out</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::Text</name>
    <message numerus="yes">
        <source>%n whole turn(s) of the lay lie in the gap, so every strand passes from the outside of the bend to the inside and its length evens out: nothing is stretched. %1</source>
        <translation>
            <numerusform>%n whole turn of the lay lies in the gap, so every strand passes from the outside of the bend to the inside and its length evens out: nothing is stretched. %1</numerusform>
            <numerusform>%n whole turns of the lay lie in the gap, so every strand passes from the outside of the bend to the inside and its length evens out: nothing is stretched. %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; %n failing joint(s) fewer in all</source>
        <translation>
            <numerusform>; %n failing joint fewer in all</numerusform>
            <numerusform>; %n failing joints fewer in all</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: make and fit %n</source>
        <translation>
            <numerusform>%1: make and fit it</numerusform>
            <numerusform>%1: make and fit %n</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bend test(s)</source>
        <translation>
            <numerusform>%n bend test</numerusform>
            <numerusform>%n bend tests</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n hang test(s)</source>
        <translation>
            <numerusform>%n hang test</numerusform>
            <numerusform>%n hang tests</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) broken on the set</source>
        <translation>
            <numerusform>%n wire broken on the set</numerusform>
            <numerusform>%n wires broken on the set</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) that lasted there</source>
        <translation>
            <numerusform>%n wire that lasted there</numerusform>
            <numerusform>%n wires that lasted there</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the tightest of %n load(s)</source>
        <translation>
            <numerusform>the tightest of %n load</numerusform>
            <numerusform>the tightest of %n loads</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the %1 is in %n load(s); minutes with its surface within %2 of the set point are added up</source>
        <translation>
            <numerusform>the %1 is in %n load; minutes with its surface within %2 of the set point are added up</numerusform>
            <numerusform>the %1 is in %n loads; minutes with its surface within %2 of the set point are added up</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>its pattern, cut half way through the thickness: %n piece(s), %1 cm² without seams, within %2 %</source>
        <translation>
            <numerusform>its pattern, cut half way through the thickness: %n piece, %1 cm² without seams, within %2 %</numerusform>
            <numerusform>its pattern, cut half way through the thickness: %n pieces, %1 cm² without seams, within %2 %</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 in %n coat(s) over what lies below</source>
        <translation>
            <numerusform>%1 in %n coat over what lies below</numerusform>
            <numerusform>%1 in %n coats over what lies below</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %2 ml in %n coat(s) on %3 % of it</source>
        <translation>
            <numerusform>%1: %2 ml in %n coat on %3 % of it</numerusform>
            <numerusform>%1: %2 ml in %n coats on %3 % of it</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %n coat(s), %2 to dry, %3</source>
        <translation>
            <numerusform>%1: %n coat, %2 to dry, %3</numerusform>
            <numerusform>%1: %n coats, %2 to dry, %3</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; opens %n other point(s)</source>
        <translation>
            <numerusform>; opens %n other point</numerusform>
            <numerusform>; opens %n other points</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::ThingsTab</name>
    <message numerus="yes">
        <source>%n of them, %1 each; cut them %2 long.</source>
        <translation>
            <numerusform>%1; cut it %2 long.</numerusform>
            <numerusform>%n of them, %1 each; cut them %2 long.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::Window</name>
    <message numerus="yes">
        <source>%n joint(s) hold now</source>
        <translation>
            <numerusform>%n joint holds now</numerusform>
            <numerusform>%n joints hold now</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) that held before fail now</source>
        <translation>
            <numerusform>%n joint that held before fails now</numerusform>
            <numerusform>%n joints that held before fail now</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n session(s) ended without closing. The work up to the last second is still here.</source>
        <translation>
            <numerusform>%n session ended without closing. The work up to the last second is still here.</numerusform>
            <numerusform>%n sessions ended without closing. The work up to the last second is still here.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n session(s) ended without closing: the work is under More, Production.</source>
        <translation>
            <numerusform>%n session ended without closing: the work is under More, Production.</numerusform>
            <numerusform>%n sessions ended without closing: the work is under More, Production.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Judged anew by newer rules: %n thing(s) said otherwise</source>
        <translation>
            <numerusform>Judged anew by newer rules: %n thing said otherwise</numerusform>
            <numerusform>Judged anew by newer rules: %n things said otherwise</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>other wire in %n limb(s)</source>
        <translation>
            <numerusform>other wire in %n limb</numerusform>
            <numerusform>other wire in %n limbs</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::WirePage</name>
    <message numerus="yes">
        <source>%1, and %n more</source>
        <translation>
            <numerusform>%1, and %n more</numerusform>
            <numerusform>%1, and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>and %n more in hand</source>
        <translation>
            <numerusform>and %n more in hand</numerusform>
            <numerusform>and %n more in hand</numerusform>
        </translation>
    </message>
</context>
</TS>
