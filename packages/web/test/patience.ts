/** Parts of a page that are loaded when they are opened take their time where both cores are busy. */
import { configure } from '@testing-library/react';

configure({ asyncUtilTimeout: 15_000 });
