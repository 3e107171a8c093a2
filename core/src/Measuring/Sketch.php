<?php

namespace Moltrek\Core\Measuring;

/** The small drawing that shows where the tool goes: the part, and the one place that is read. */
enum Sketch: string
{
    case GaugeInPlugHole = 'gauge in plug hole';
    case AirIntoCylinder = 'air into cylinder';
    case SkirtAcrossPin = 'skirt across pin';
    case BoreAcross = 'bore across';
    case RingInBore = 'ring in bore';
    case LeafInGroove = 'leaf in groove';
    case PinInEye = 'pin in eye';
    case PinInBoss = 'pin in boss';
    case LeafAtWeb = 'leaf at web';
    case RodPulled = 'rod pulled';
    case StripOnPin = 'strip on pin';
    case DialOnJournal = 'dial on journal';
    case DialOnEnd = 'dial on end';
    case ValveByFinger = 'valve by finger';
    case AirThroughJet = 'air through jet';
    case BridgeOverCrown = 'bridge over crown';
    case WireAtEdge = 'wire at edge';
    case BuretteOnPlate = 'burette on plate';
    case BuretteInBore = 'burette in bore';
    case AcrossGasket = 'across gasket';
    case DepthToPort = 'depth to port';
    case EdgeOnFace = 'edge on face';
    case StemInGuide = 'stem in guide';
    case BandOnSeat = 'band on seat';
    case SpringUpright = 'spring upright';
    case OverTheLobe = 'over the lobe';
    case JournalInCaps = 'journal in caps';
    case LeafOnBaseCircle = 'leaf on base circle';
}
